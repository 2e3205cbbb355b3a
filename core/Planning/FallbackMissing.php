<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Facility\Fish;

/** A fish that is hard on company, or soon too large for every home here, needs a place to go to. */
final readonly class FallbackMissing
{
    /** Null when it has one or needs none. */
    public static function reason(Fish $fish, FishBrief $brief): ?string
    {
        return match (true) {
            $fish->fallback !== null => null,
            $brief->home->outgrows->early !== null && $brief->next === null => 'it outgrows its home and no other here takes it',
            $fish->species->habits->isAggressive() => 'its kind is hard on company',
            default => null,
        };
    }
}
