<?php

declare(strict_types=1);

namespace Tests\Core;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CardinalTemperatures;
use Biomegas\Facility\CurveName;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Range;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Shape\Shape;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterLayer;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Housing\Size\HomeLimit;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;

/** Invented species, homes and fish for the tests of the core. */
final readonly class Example
{
    public static function of(
        SwimmingStyle $swimming = SwimmingStyle::Slow,
        CurveName $curve = CurveName::VonBertalanffy,
        ?CardinalTemperatures $points = null,
        ?Span $keep = null,
        LengthKind $lengthKind = LengthKind::Total,
        ?float $tallRatio = null,
        HousingNeeds $needs = new HousingNeeds,
        Habits $habits = new Habits,
        WaterLayer $layer = WaterLayer::All,
        string $key = 'invented',
    ): Species {
        return new Species(
            $key, ucfirst($key).' fish', 'Piscis inventus',
            Range::of('adult_length_mm', 400, 500, 700),
            Range::of('growth_coefficient_per_year', 0.35, 0.6, 1.0),
            $swimming, $lengthKind, $curve, $points, $keep, $layer, $tallRatio, needs: $needs, habits: $habits,
        );
    }

    public static function limitIn(Shape $shape, Species $species): HomeLimit
    {
        return (new HomeLimits(new Rulebook))->limitIn(System::ofOnePool('home', 'Home', SystemKind::Tank, $shape), $species);
    }

    /** An invented pond fish that stands still in winter. */
    public static function ofPond(): Species
    {
        return self::of(points: CardinalTemperatures::of('pond fish', 8, 25, 33, 22), keep: new Span(2, 28));
    }

    /** A glass box by its outside sizes in centimetres. */
    public static function tank(string $key, float $length, float $width, float $depth = 60, ?float $celsius = null): System
    {
        return System::ofOnePool(
            $key, ucfirst($key), SystemKind::Tank, Box::outside(10 * $length, 10 * $width, 10 * $depth, 10),
            $celsius === null ? null : WaterTemperature::heldAt($celsius),
        );
    }

    public static function pond(string $key): System
    {
        return System::ofOnePool(
            $key, ucfirst($key), SystemKind::Pond, Box::inside(6000, 3500, 1300),
            WaterTemperature::byMonth([4, 5, 8, 12, 16, 19, 21, 21, 18, 13, 8, 5]),
        );
    }

    /** @param  array<string, float>  $lengths millimetres by day */
    public static function fish(Species $species, string $system, array $lengths, string $arrived = '2026-01-10', Method $method = Method::Hand, int $count = 1, string $key = 'one'): Fish
    {
        $arrival = LocalDate::fromIso($arrived);

        return new Fish(
            $key, ucfirst($key), $species, $arrival, [new Stay($system, $arrival)],
            array_map(fn (string $day, float $mm): MeasuredLength => new MeasuredLength(LocalDate::fromIso($day), Length::ofMillimetres($mm), $method), array_keys($lengths), array_values($lengths)),
            $count,
        );
    }

    /**
     * @param  list<System>  $systems
     * @param  list<Fish>  $fish
     */
    public static function facility(array $systems, array $fish, string $today = '2027-03-01', int $horizonDays = 1095): Facility
    {
        return new Facility(LocalDate::fromIso($today), $horizonDays, new Rulebook, $systems, $fish);
    }
}
