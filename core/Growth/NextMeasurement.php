<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Growth\Projection\SpeciesProjection;

/**
 * When the next length would narrow the outgrow window enough to be worth the
 * stress of taking it: the expected window with that length against the one
 * without, from how the draws' lengths on a day go with their outgrow dates.
 */
final readonly class NextMeasurement
{
    private const CANDIDATE_DAYS = [14, 21, 30, 45, 60, 90, 120, 180];

    /** A length is worth taking when it should narrow the window to this share. */
    private const WORTH_IT = 0.75;

    private const NOTHING_TO_LEARN = 1e-9;

    /** A day, in years of growth time. */
    private const LEAST_TIME = 1 / LocalDate::DAYS_PER_YEAR;

    /**
     * The day counted from the last length; null when there is none or the
     * limit is never reached.
     *
     * @param  float  $error  relative error of the usual method
     */
    public static function after(SpeciesProjection $projection, float $limitMm, float $error, LocalDate $last): ?LocalDate
    {
        if ($projection->measured->observations === []) {
            return null;
        }
        $draws = $projection->draws;
        $logTimes = self::logTimesUntil($projection, $limitMm);
        $variance = self::covariance($draws->weight, $logTimes, $logTimes);
        if ($variance <= self::NOTHING_TO_LEARN) {
            return null;
        }
        [$best, $bestGain] = [null, 0.0];
        foreach (self::CANDIDATE_DAYS as $days) {
            $logLengths = array_map(log(...), $projection->drawnLengths([$projection->timeOn($last->plusDays($days))])[0]);
            $spread = self::covariance($draws->weight, $logLengths, $logLengths) + $error ** 2;
            $joint = self::covariance($draws->weight, $logTimes, $logLengths);
            $ratio = sqrt(max(0.0, 1 - $joint ** 2 / ($variance * $spread)));
            if ($ratio <= self::WORTH_IT) {
                return $last->plusDays($days);
            }
            if ((1 - $ratio) / sqrt($days) > $bestGain) {
                [$best, $bestGain] = [$days, (1 - $ratio) / sqrt($days)];
            }
        }

        return $best === null ? null : $last->plusDays($best);
    }

    /**
     * Logarithm of the growth time from the last length until each draw reaches
     * the limit, held at the horizon. Growth time serves as well as the
     * calendar, for one is a rising function of the other.
     *
     * @return list<float>
     */
    private static function logTimesUntil(SpeciesProjection $projection, float $limitMm): array
    {
        $since = $projection->measured->past->endTime() - ($projection->measured->last()->time ?? 0.0);
        $span = $projection->aheadAtHome()->endTime();

        return array_map(
            fn (float $time): float => log(max(self::LEAST_TIME, $since + min($span, $time))),
            $projection->timesUntil($limitMm),
        );
    }

    /**
     * @param  list<float>  $weights  sum 1
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function covariance(array $weights, array $x, array $y): float
    {
        $meanX = $meanY = $product = 0.0;
        foreach ($weights as $s => $weight) {
            $meanX += $weight * $x[$s];
            $meanY += $weight * $y[$s];
            $product += $weight * $x[$s] * $y[$s];
        }

        return $product - $meanX * $meanY;
    }
}
