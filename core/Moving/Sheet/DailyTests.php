<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;

/**
 * After a large addition the filter must catch up: ammonia and nitrite are
 * tested once a day until it has. Common practice, no published source.
 */
final readonly class DailyTests
{
    private const DAYS = 10;

    /** Of the food: a home whose share grows by less hardly notices. Our judgement. */
    private const LARGE = 1.15;

    private function __construct(
        public LocalDate $from,
        public LocalDate $until,
    ) {
    }

    /**
     * @param  float  $before  food of those that live there, g a day
     * @param  float  $added  food of those that come, g a day
     */
    public static function isLarge(float $before, float $added): bool
    {
        return $added > 0.0 && $before + $added >= self::LARGE * $before;
    }

    /** Null when the water stays safe without. */
    public static function after(LocalDate $moved, Outcome $forecast): ?self
    {
        return $forecast === Outcome::Safe ? null : self::until($moved->plusDays(self::DAYS));
    }

    public static function until(LocalDate $until): self
    {
        return new self($until->plusDays(1 - self::DAYS), $until);
    }

    /** @param  list<WaterTest>  $tests  of the home */
    public function isDueOn(LocalDate $today, array $tests): bool
    {
        return $this->covers($today) && ! self::isTested($today, $tests);
    }

    /**
     * Yesterday was left out too.
     *
     * @param  list<WaterTest>  $tests  of the home
     */
    public function isLateOn(LocalDate $today, array $tests): bool
    {
        return $this->isDueOn($today, $tests) && $this->isDueOn($today->plusDays(-1), $tests);
    }

    private function covers(LocalDate $day): bool
    {
        return ! $day->isBefore($this->from) && ! $day->isAfter($this->until);
    }

    /** @param  list<WaterTest>  $tests */
    private static function isTested(LocalDate $day, array $tests): bool
    {
        foreach ($tests as $test) {
            if ($test->date->equals($day) && ($test->value(Quantity::Ammonia) ?? $test->value(Quantity::Nitrite)) !== null) {
                return true;
            }
        }

        return false;
    }
}
