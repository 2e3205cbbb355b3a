<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Biomegas\Measure\LengthUnit;
use Biomegas\Measure\LengthUnitGuess;
use Biomegas\Water\Test\TemperatureUnitGuess;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** In which unit a column of bare numbers is. */
final class UnitGuessTest extends TestCase
{
    /** @return iterable<string, array{list<array{float, float}>, LengthUnit, LengthUnit, bool}> */
    public static function columns(): iterable
    {
        $of = fn (float ...$numbers): array => array_map(fn (float $number): array => [$number, 600.0], $numbers);
        yield 'only millimetres fit' => [$of(180, 240, 310), LengthUnit::Centimetre, LengthUnit::Millimetre, false];
        yield 'centimetres or inches: as is usual here' => [$of(18, 24, 20), LengthUnit::Inch, LengthUnit::Inch, true];
        yield 'too long in inches' => [$of(45, 52, 60), LengthUnit::Inch, LengthUnit::Centimetre, true];
        yield 'one slip among many' => [$of(180, 240, 310, 320, 3300), LengthUnit::Centimetre, LengthUnit::Millimetre, false];
        yield 'nothing known' => [[], LengthUnit::Centimetre, LengthUnit::Centimetre, true];
        yield 'nothing fits' => [$of(1, 90000), LengthUnit::Centimetre, LengthUnit::Centimetre, true];
    }

    /** @param  list<array{float, float}>  $numbers */
    #[DataProvider('columns')]
    public function test_lengths(array $numbers, LengthUnit $usual, LengthUnit $expected, bool $isOpen): void
    {
        $this->assertSame([$expected, $isOpen], LengthUnitGuess::of($numbers, $usual));
    }

    public function test_temperatures(): void
    {
        $this->assertSame([true, false, null, null], array_map(TemperatureUnitGuess::isFahrenheit(...), [[76.0, 79.5], [24.0, 4.0], [], [24.0, 78.0]]));
    }
}
