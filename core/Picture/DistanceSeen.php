<?php

declare(strict_types=1);

namespace Biomegas\Picture;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** How far the camera stands, found from something of known size at a known depth. */
final readonly class DistanceSeen
{
    private const MOST_ERROR = 0.5;

    private function __construct(
        public float $mm,
        /** Relative error that a slip of its two marks makes. */
        public float $error,
    ) {
    }

    /**
     * @param  Sight  $sight  at whatever distance
     *
     * @throws InvalidEntry when no distance fits
     */
    public static function of(Sight $sight, KnownSpan $seen, float $depthMm, float $markSpread): self
    {
        $at = fn (KnownSpan $span): ?float => $sight->distanceAtWhich([$span->from, $span->to], $depthMm, $span->mm);
        $found = $at($seen) ?? throw InvalidEntry::because('distance', Finding::of('picture.no_distance_fits'));
        $slip = sqrt(2) * $markSpread / $seen->from->distanceTo($seen->to);
        $slipped = $at($seen->moved(0, 0, $slip * ($seen->to->x - $seen->from->x), $slip * ($seen->to->y - $seen->from->y)));

        return new self($found, $slipped === null ? self::MOST_ERROR : min(self::MOST_ERROR, abs($slipped - $found) / $found));
    }
}
