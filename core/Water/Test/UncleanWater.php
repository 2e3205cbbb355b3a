<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Calendar\LocalDate;

/** Ammonia or nitrite that was measured and has not been shown to be gone: two clean tests a day apart show it. Common practice, no published source. */
final readonly class UncleanWater
{
    private const CLEAN_TESTS = 2;

    private function __construct(
        public Quantity $quantity,
        /** mg/l when it was last found. */
        public float $value,
        public LocalDate $found,
    ) {
    }

    /**
     * @param  list<WaterTest>  $tests  of one system, by date
     * @return list<self>
     */
    public static function of(array $tests): array
    {
        return array_values(array_filter([self::ofOne(Quantity::Ammonia, $tests), self::ofOne(Quantity::Nitrite, $tests)]));
    }

    /** @param  list<WaterTest>  $tests */
    private static function ofOne(Quantity $quantity, array $tests): ?self
    {
        $found = null;
        $cleanDays = [];
        foreach ($tests as $test) {
            $value = $test->value($quantity);
            if ($value > 0.0) {
                $found = new self($quantity, $value, $test->date);
                $cleanDays = [];
            } elseif ($value !== null) {
                $cleanDays[$test->date->toIso()] = true;
            }
        }

        return count($cleanDays) >= self::CLEAN_TESTS ? null : $found;
    }
}
