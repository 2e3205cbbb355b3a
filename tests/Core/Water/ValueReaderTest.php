<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\UnitSystem;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ValueDoubt;
use Biomegas\Water\Test\ValueReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class ValueReaderTest extends TestCase
{
    /** @return iterable<string, array{Quantity, string, float}> */
    public static function typed(): iterable
    {
        yield 'a bare number' => [Quantity::Temperature, '25.5', 25.5];
        yield 'a decimal comma' => [Quantity::Temperature, '25,5 °C', 25.5];
        yield 'Fahrenheit' => [Quantity::Temperature, '78F', 25.5556];
        yield 'below zero' => [Quantity::Temperature, '-0.5', -0.5];
        yield 'pH said with its name' => [Quantity::Ph, '7.2 pH', 7.2];
        yield 'ppm is mg/l' => [Quantity::Ammonia, '0.25 ppm', 0.25];
        yield 'as nitrogen' => [Quantity::Ammonia, '0.2 mg/l N', 0.2576];
        yield 'nitrate nitrogen' => [Quantity::Nitrate, '10 ppm NO3-N', 44.27];
        yield 'micrograms' => [Quantity::Copper, '30 µg/l', 0.03];
        yield 'hardness in ppm of calcium carbonate' => [Quantity::GeneralHardness, '179 ppm', 10.03];
        yield 'hardness in degrees' => [Quantity::CarbonateHardness, '5 °dH', 5.0];
        yield 'hardness in milliequivalents' => [Quantity::CarbonateHardness, '2 meq/l', 5.608];
        yield 'millisiemens' => [Quantity::Conductivity, '0.45 mS/cm', 450.0];
        yield 'per mille' => [Quantity::Salinity, '35 ‰', 35.0];
        yield 'a bare gravity' => [Quantity::Salinity, '1.0264', 35.0];
        yield 'a gravity' => [Quantity::Salinity, '1.0132 sg', 17.5];
        yield 'salt by conductivity' => [Quantity::Salinity, '53.09 mS/cm', 35.0];
        yield 'a little salt' => [Quantity::Salinity, '2', 2.0];
    }

    #[DataProvider('typed')]
    public function test_reads_what_keepers_type(Quantity $quantity, string $typed, float $value): void
    {
        $this->assertEqualsWithDelta($value, (new ValueReader(UnitSystem::Metric))->read($quantity, $typed), 0.01 * abs($value) + 1e-9);
    }

    public function test_a_bare_temperature_is_in_the_unit_of_the_facility(): void
    {
        $this->assertEqualsWithDelta(25.556, (new ValueReader(UnitSystem::Us))->read(Quantity::Temperature, '78'), 0.01);
        $this->assertSame(26.0, (new ValueReader(UnitSystem::Imperial))->read(Quantity::Temperature, '26'));
    }

    /** @return iterable<string, array{Quantity, string, string}> */
    public static function refused(): iterable
    {
        yield 'no number' => [Quantity::Nitrite, 'none', 'not a value for nitrite'];
        yield 'negative' => [Quantity::Nitrite, '-0.1', 'cannot be below zero'];
        yield 'unknown unit' => [Quantity::Nitrite, '1 drop', 'The unit "drop" is not known'];
        yield 'unit of something else' => [Quantity::Ph, '7 mg/l', 'Use a bare number'];
        yield 'past what can be' => [Quantity::Ph, '72', 'cannot be above pH 14'];
        yield 'frozen' => [Quantity::Temperature, '-20', 'No water is that cold'];
    }

    #[DataProvider('refused')]
    public function test_says_what_to_do_with_what_it_cannot_read(Quantity $quantity, string $typed, string $words): void
    {
        try {
            (new ValueReader(UnitSystem::Metric))->read($quantity, $typed);
            $this->fail('It was not refused.');
        } catch (InvalidEntry $refused) {
            $this->assertSame($quantity->value, $refused->field);
            $this->assertStringContainsString($words, Said::of($refused->finding()));
        }
    }

    public function test_implausible_values_are_asked_about_with_the_likely_slip(): void
    {
        $this->assertSame('78 °C would scald a fish. Did you mean 78 °F, that is 25.6 °C?', Said::of(ValueDoubt::about(Quantity::Temperature, 78.0)));
        $this->assertStringContainsString('Did you mean 120 ppm as calcium carbonate, that is 6.7 °dH', Said::of(ValueDoubt::about(Quantity::CarbonateHardness, 120.0)));
        $this->assertStringContainsString('% of saturation', Said::of(ValueDoubt::about(Quantity::Oxygen, 92.0)));
        $this->assertStringContainsString('hardly ever seen', Said::of(ValueDoubt::about(Quantity::Ammonia, 50.0)));
        $this->assertNull(ValueDoubt::about(Quantity::Temperature, 26.0));
        $this->assertNull(ValueDoubt::about(Quantity::Nitrate, 0.0));
    }
}
