<?php

declare(strict_types=1);

namespace Tests\App\Language;

use App\Language\Catalogue;
use App\Language\MeasureFormatter;
use Biomegas\Finding\Figure;
use Biomegas\Measure\Area;
use Biomegas\Measure\LeastShare;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;
use Biomegas\Measure\Number;
use Biomegas\Measure\Portioned;
use Biomegas\Measure\Share;
use Biomegas\Measure\Sides;
use Biomegas\Measure\Temperature;
use Biomegas\Measure\TemperatureSpan;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\Volume;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Each figure in the three unit systems that a facility may keep. */
final class MeasureFormatterTest extends TestCase
{
    /** @return iterable<string, array{Figure, string, string, string}> metric, US, imperial */
    public static function figures(): iterable
    {
        yield 'a slot' => [Length::ofMillimetres(6), '0.60 cm', '0.24 in', '0.24 in'];
        yield 'a small fish' => [Length::ofMillimetres(35), '3.5 cm', '1.4 in', '1.4 in'];
        yield 'a fish' => [Length::ofMillimetres(450), '45 cm', '17.7 in', '17.7 in'];
        yield 'a pond' => [Length::ofMillimetres(6500), '6.5 m', '21.3 ft', '21.3 ft'];
        yield 'a measured length' => [MeasuredFigure::of(Length::ofMillimetres(426)), '42.6 cm', '16.8 in', '16.8 in'];
        yield 'a tank' => [Sides::ofMillimetres(1219.2, 457.2), '122 by 46 cm', '48 by 18 in', '48 by 18 in'];
        yield 'the sides of a pond' => [Sides::ofMillimetres(6500, 2400), '6.5 by 2.4 m', '21.3 by 7.9 ft', '21.3 by 7.9 ft'];
        yield 'a floor' => [Area::ofSquareMillimetres(570000), '0.57 m²', '6.1 sq ft', '6.1 sq ft'];
        yield 'a volume' => [Volume::ofLitres(1250), "1\u{202f}250 l", '330 gal', '275 imp gal'];
        yield 'a portion' => [Portioned::ofLitres(4.2), '4.2 l', '1.1 gal', '0.9 imp gal'];
        yield 'a temperature' => [Temperature::ofCelsius(25.5), '25.5 °C', '78 °F', '25.5 °C'];
        yield 'a range of temperatures' => [TemperatureSpan::ofCelsius(22.2, 30), '22.2 to 30 °C', '72 to 86 °F', '22.2 to 30 °C'];
        yield 'a measured temperature' => [WaterValue::of(Quantity::Temperature, 25.0), '25 °C', '77 °F', '25 °C'];
        yield 'a little ammonia' => [WaterValue::of(Quantity::Ammonia, 0.25), '0.25 mg/l', '0.25 mg/l', '0.25 mg/l'];
        yield 'acidity' => [WaterValue::of(Quantity::Ph, 7.2), 'pH 7.2', 'pH 7.2', 'pH 7.2'];
        yield 'a share' => [Share::of(0.333), '33 %', '33 %', '33 %'];
        yield 'a number' => [Number::of(0.0410), '0.041', '0.041', '0.041'];
    }

    #[DataProvider('figures')]
    public function test_writes_figures_in_the_keepers_units(Figure $figure, string $metric, string $us, string $imperial): void
    {
        $this->assertSame([$metric, $us, $imperial], array_map(fn (UnitSystem $units): string => self::formatter($units)->write($figure), UnitSystem::cases()));
    }

    #[TestWith([0.30, 'a third'])]
    #[TestWith([0.25, 'a quarter'])]
    #[TestWith([0.26, '30 %'])]
    #[TestWith([0.47, 'half'])]
    #[TestWith([0.42, '45 %'])]
    #[TestWith([0.0, 'a twentieth'])]
    #[TestWith([0.97, 'all of it'])]
    public function test_shares_are_rounded_up_to_what_keepers_say(float $share, string $words): void
    {
        $this->assertSame($words, self::formatter(UnitSystem::Metric)->write(LeastShare::of($share)));
    }

    private static function formatter(UnitSystem $units): MeasureFormatter
    {
        return new MeasureFormatter(Units::of($units), Catalogue::in('en'));
    }
}
