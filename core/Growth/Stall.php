<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Growth\Projection\SpeciesProjection;
use Biomegas\Numerics\StandardNormal;

/**
 * Whether a fish has grown much less since its last length but one than its
 * growth until then let expect. A stalled fish is reported, never projected
 * as small.
 */
enum Stall: string
{
    /** It grows as expected. */
    case None = 'none';
    /** So little was to be expected that its error hides it. */
    case TooSoon = 'too-soon';
    case Stalled = 'stalled';

    /** Lengths this low are expected of one fish in twenty. */
    private const UNLIKELY = 0.05;

    /** Share of the expected gain below which it is called a stall. */
    private const LEAST_SHARE = 0.5;

    /** Expected growth must exceed its error by this many standard deviations to tell anything. */
    private const TELLING = 2.0;

    public static function of(SpeciesProjection $projection): self
    {
        if ($projection->measured->stalled > 0) {
            return self::Stalled;
        }
        $n = count($projection->measured->observations);
        if ($n < 2) {
            return self::TooSoon;
        }
        [$before, $last] = [$projection->measured->observations[$n - 2], $projection->measured->observations[$n - 1]];
        $draws = $projection->withoutLastLength();
        $lengths = $draws->lengthsAt([$before->time, max($before->time, $last->time)]);
        $gain = $chance = 0.0;
        foreach ($draws->weight as $s => $weight) {
            $gain += $weight * log($lengths[1][$s] / $lengths[0][$s]);
            $chance += $weight * StandardNormal::shareBelow(($last->logLength - log($lengths[1][$s])) / $last->error);
        }
        if ($gain <= self::TELLING * hypot($before->error, $last->error)) {
            return self::TooSoon;
        }
        $gained = $last->logLength - $before->logLength;

        return $chance < self::UNLIKELY && $gained < self::LEAST_SHARE * $gain ? self::Stalled : self::None;
    }
}
