<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;

/**
 * When a system is full for those who live in it: the first of its residents
 * to outgrow it, or the day their floor runs out.
 */
final readonly class SystemOutlook
{
    /**
     * @param  array<string, FishOutlook>  $fish  outlooks of the residents at least, by fish
     */
    public static function of(Facility $facility, System $system, array $fish): ?FullSystem
    {
        $residents = array_map(fn ($resident): FishOutlook => $fish[$resident->key], $facility->residentsOf($system));
        $full = FloorFilling::of($facility, $system, $residents);
        foreach ($residents as $resident) {
            $home = $resident->homeIn($system);
            $window = $home->outgrows;
            $outgrown = new FullSystem($window->early, $window->likely, $window->late, Finding::of('full.fish', fish: $resident->fish->name, binding: $home->limit->binding));
            if ($outgrown->comesBefore($full)) {
                $full = $outgrown;
            }
        }

        return $full;
    }
}
