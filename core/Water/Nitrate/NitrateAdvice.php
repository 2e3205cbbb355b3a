<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrate;

use Biomegas\Finding\Finding;
use Biomegas\Measure\LeastShare;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;

/** What to change each week to hold nitrate at its target, and for how long until it is there. */
final readonly class NitrateAdvice
{
    /**
     * @param  float  $least  share that holds the target
     * @param  NitrateCourse  $course  under the present weekly change
     * @param  float  $target  mg/l
     * @param  float|null  $now  mg/l by the last test; null: none that is fresh
     */
    public static function of(float $least, NitrateCourse $course, float $target, ?float $now): Finding
    {
        $aim = WaterValue::of(Quantity::Nitrate, $target);
        $share = LeastShare::of($least);
        if ($least > 1.0) {
            return Finding::of('nitrate.never_held', target: $aim);
        }
        if ($least > $course->share) {
            $weeks = $now === null ? 0 : (new NitrateCourse($course->madePerWeek, $least, $course->tap))->weeksUntil($target, $now) ?? 0;

            return $weeks === 0
                ? Finding::of('nitrate.change_more', target: $aim, share: $share)
                : Finding::of('nitrate.change_more_for', target: $aim, share: $share, weeks: $weeks);
        }
        $weeks = $now === null ? 0 : $course->weeksUntil($target, $now) ?? 0;

        return $weeks === 0
            ? Finding::of('nitrate.enough', target: $aim, share: $share)
            : Finding::of('nitrate.down_in', target: $aim, weeks: $weeks);
    }
}
