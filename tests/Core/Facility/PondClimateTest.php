<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Facility\PondClimate;
use Biomegas\Facility\WaterTemperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PondClimateTest extends TestCase
{
    /** @return iterable<string, array{PondClimate}> */
    public static function climates(): iterable
    {
        foreach (PondClimate::cases() as $climate) {
            yield $climate->value => [$climate];
        }
    }

    #[DataProvider('climates')]
    public function test_it_has_twelve_months_that_a_pond_can_have(PondClimate $climate): void
    {
        $this->assertCount(12, $climate->northern());
        WaterTemperature::byMonth($climate->northern());
    }

    #[DataProvider('climates')]
    public function test_it_rises_to_summer_and_falls_to_winter(PondClimate $climate): void
    {
        $months = $climate->northern();
        $summer = (int) array_search(max($months), $months, true);
        for ($month = 1; $month < 12; $month++) {
            $rises = $month <= $summer;
            $this->assertTrue($rises ? $months[$month] >= $months[$month - 1] : $months[$month] <= $months[$month - 1], "month {$month}");
        }
    }

    #[DataProvider('climates')]
    public function test_south_of_the_equator_it_is_the_same_half_a_year_later(PondClimate $climate): void
    {
        $northern = $climate->northern();
        foreach ($climate->southern() as $month => $celsius) {
            $this->assertSame($northern[($month + 6) % 12], $celsius);
        }
    }
}
