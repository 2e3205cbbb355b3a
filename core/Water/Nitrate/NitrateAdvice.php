<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrate;

use Biomegas\Measure\ShareWords;
use Biomegas\Measure\Spoken;

/** What to change each week to hold nitrate at its target, and for how long until it is there. */
final readonly class NitrateAdvice
{
    /**
     * @param  float  $least  share that holds the target
     * @param  NitrateCourse  $course  under the present weekly change
     * @param  float|null  $now  mg/l by the last test; null: none that is fresh
     */
    public static function sentence(float $least, NitrateCourse $course, float $target, ?float $now): string
    {
        if ($least > 1.0) {
            return "Not even all of the water each week holds nitrate at {$target} mg/l.";
        }
        $share = ShareWords::atLeast($least);
        if ($least > $course->share) {
            $then = $now === null ? 0 : (new NitrateCourse($course->madePerWeek, $least, $course->tap))->weeksUntil($target, $now);

            return "Nitrate stays above {$target} mg/l until {$share} is changed each week".self::after($then ?? 0);
        }
        $weeks = $now === null ? 0 : $course->weeksUntil($target, $now);

        return $weeks === null || $weeks === 0
            ? "The weekly change is enough: {$share} would hold {$target} mg/l."
            : "With the present weekly change nitrate is down to {$target} mg/l in ".self::weeks($weeks).'.';
    }

    private static function after(int $weeks): string
    {
        return $weeks === 0 ? '.' : '; then it is down in '.self::weeks($weeks).'.';
    }

    private static function weeks(int $weeks): string
    {
        return Spoken::number($weeks).($weeks === 1 ? ' week' : ' weeks');
    }
}
