<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

use Closure;

/** Ammonia and nitrite day by day from a start on. */
final readonly class Course
{
    private const STEPS_PER_DAY = 24;

    /** Both below this count as gone, mg N/l. */
    public const GONE = 0.15;

    private const DAYS_TO_MATURE = 200;

    /**
     * @param  non-empty-list<Water>  $days  at the end of each day, day 0 first
     */
    private function __construct(
        public array $days,
        public Bacteria $bacteria,
        public Peak $ammonia,
        public Peak $nitrite,
    ) {
    }

    /**
     * @param  float  $load  ammonia made, mg N/l/d
     * @param  (Closure(int, Water): float)|null  $dose  ammonia added at the start of a day, mg N/l
     */
    public static function of(Water $start, Bacteria $bacteria, Conditions $in, float $load, int $days, ?Closure $dose = null): self
    {
        $water = $start;
        $all = [$start];
        $ammonia = new Peak($start->ammonia, 0.0);
        $nitrite = new Peak($start->nitrite, 0.0);
        for ($day = 0; $day < $days; $day++) {
            $water = $dose === null ? $water : $water->with($dose($day, $water));
            $ammonia = $ammonia->orAt($water->ammonia, $day);
            for ($step = 1; $step <= self::STEPS_PER_DAY; $step++) {
                [$water, $bacteria] = Step::advance($water, $bacteria, $in, $load, 1 / self::STEPS_PER_DAY);
                $ammonia = $ammonia->orAt($water->ammonia, $day + $step / self::STEPS_PER_DAY);
                $nitrite = $nitrite->orAt($water->nitrite, $day + $step / self::STEPS_PER_DAY);
            }
            $water = $water->changed($in->dailyChange, $in->tapNitrate);
            $all[] = $water;
        }

        return new self($all, $bacteria, $ammonia, $nitrite);
    }

    /** The bacteria of a filter that has long carried this load. */
    public static function mature(Conditions $in, float $load): Bacteria
    {
        $seed = new Bacteria(max(0.01, $load), max(0.01, $load));

        return self::of(new Water, $seed, new Conditions($in->celsius, $in->capacity), $load, self::DAYS_TO_MATURE)->bacteria;
    }

    /** The first day from which ammonia and nitrite stay gone; null when they do not within the course. */
    public function clearFrom(): ?int
    {
        $clear = null;
        foreach ($this->days as $day => $water) {
            $isClear = $water->ammonia < self::GONE && $water->nitrite < self::GONE;
            $clear = $isClear ? $clear ?? $day : null;
        }

        return $clear;
    }
}
