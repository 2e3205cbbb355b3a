<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;

/** A fish that is hard on company, or soon too large for every home here, needs a place to go to. */
final readonly class FallbackMissing
{
    /** Null when it has one or needs none. */
    public static function reason(Fish $fish, HomesAhead $homes): ?Finding
    {
        return match (true) {
            $fish->fallback !== null => null,
            $homes->isStuck() => Finding::of('fallback.outgrows'),
            $fish->species->habits->isAggressive() => Finding::of('fallback.hard_on_company'),
            default => null,
        };
    }
}
