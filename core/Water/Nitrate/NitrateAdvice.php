<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrate;

use Biomegas\Finding\Finding;
use Biomegas\Measure\LeastShare;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;

/** What to change each week to hold nitrate at its target, and for how long until it is there. "Must" only where its own tests say so. */
final readonly class NitrateAdvice
{
    public function __construct(
        private NitrateYield $yield,
        /** Share that holds the target. */
        private float $least,
        /** Under the present weekly change. */
        private NitrateCourse $course,
        /** mg/l. */
        private float $target,
        /** A weekly change above which there are too many. */
        private float $most,
    ) {
    }

    /** @param  float|null  $now  mg/l by the last test; null: none that is fresh */
    public function finding(?float $now): Finding
    {
        $aim = WaterValue::of(Quantity::Nitrate, $this->target);
        $share = LeastShare::of($this->least);
        $isLarger = $this->least > $this->course->share;
        $weeks = $this->weeks($now, $isLarger ? max(1e-9, min(1.0, $this->least)) : $this->course->share);

        return match (true) {
            $this->least > 1.0 => Finding::of('nitrate.never_held', target: $aim, by: $this->by()),
            $this->least > $this->most => Finding::of('nitrate.too_many', target: $aim, share: $share, by: $this->by()),
            $isLarger && ! $this->yield->isMeasured() => Finding::of('nitrate.change_about', target: $aim, share: $share),
            $isLarger && $weeks === 0 => Finding::of('nitrate.change_more', target: $aim, share: $share),
            $isLarger => Finding::of('nitrate.change_more_for', target: $aim, share: $share, weeks: $weeks),
            $weeks === 0 => Finding::of('nitrate.enough', target: $aim, share: $share, by: $this->by()),
            default => Finding::of('nitrate.down_in', target: $aim, weeks: $weeks),
        };
    }

    /** What the figure rests on. */
    private function by(): string
    {
        return $this->yield->isMeasured() ? 'tests' : 'experience';
    }

    private function weeks(?float $now, float $share): int
    {
        return $now === null ? 0 : (new NitrateCourse($this->course->madePerWeek, $share, $this->course->tap))->weeksUntil($this->target, $now) ?? 0;
    }
}
