<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;

/** A home to be alone in for some days, for quarantine or as a refuge: one that is kept bare first, else the smallest that stands empty. */
final readonly class EmptyHome
{
    /** In a refuge wounds close and tempers cool; then it is decided where the fish goes. Common practice, no published source. */
    public const REFUGE_DAYS = 14;

    /**
     * @param  list<string>  $notIn  keys of systems that are out of the question
     * @return System|null null: none is free and takes it
     */
    public static function for(Occupant $who, int $days, Facility $facility, Residents $residents, array $notIn = []): ?System
    {
        $free = array_filter($facility->systems, fn (System $system): bool => $system->isAvailableOn($facility->date)
            && ! in_array($system->key, $notIn, true)
            && $residents->on($system, $facility->date) === [] && $residents->on($system, $facility->date->plusDays($days)) === []
            && Judgement::obstacleIn(new HousingCase($who, $system, [], $facility->rulebook)) === null);
        usort($free, fn (System $a, System $b): int => [$b->isForQuarantine(), $a->litres()] <=> [$a->isForQuarantine(), $b->litres()]);

        return $free[0] ?? null;
    }
}
