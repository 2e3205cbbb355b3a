<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;

/**
 * Finds a fish that has stopped growing: its last lengths agree with each
 * other over a time in which its species grows a good deal. Left to the fit they
 * would be taken for outliers or, worse, for its adult size; it is projected from
 * the last of them as its species grows instead.
 */
final readonly class StalledRun
{
    /** Two lengths of a fish that does not grow differ by more than this many standard errors once in a hundred. */
    private const AGREEING = 2.58;

    /** The species' growth in that time must exceed the error of measuring it by this many standard errors. */
    private const TELLING = 4.0;

    /** Share of the species' growth below which the fish has stopped: slow fish grow faster than that. */
    private const STOPPED = 0.25;

    /**
     * @param  list<Observation>  $observations
     * @return int how many of the last lengths belong to the run; 0 when there is none
     */
    public static function of(array $observations, GrowthCurve $curve, GrowthPrior $prior): int
    {
        $n = count($observations);
        if ($n < 2) {
            return 0;
        }
        $last = $observations[$n - 1];
        $run = 1;
        while ($run < $n && self::agree($observations[$n - 1 - $run], $last)) {
            $run++;
        }
        $first = $observations[$n - $run];
        $start = exp($first->logLength);
        $expected = log($curve->lengthAt($start, exp($prior->mean[0]), exp($prior->mean[1]), $last->time - $first->time) / $start);
        $hasStopped = $expected > self::TELLING * hypot($first->error, $last->error)
            && $last->logLength - $first->logLength < self::STOPPED * $expected;

        return $run >= 2 && $hasStopped ? $run : 0;
    }

    private static function agree(Observation $observation, Observation $other): bool
    {
        return abs($observation->logLength - $other->logLength) <= self::AGREEING * hypot($observation->error, $other->error);
    }
}
