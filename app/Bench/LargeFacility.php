<?php

declare(strict_types=1);

namespace App\Bench;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CardinalTemperatures;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Range;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Growth\Clock\DailyGrowth;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Curve\VonBertalanffy;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** An invented facility of any size, the same at every run. */
final readonly class LargeFacility
{
    private const TODAY = '2027-03-01';

    private const SPECIES = 25;

    public static function of(int $fish, int $systems, int $lengths): Facility
    {
        $random = new Randomizer(new Mt19937(300));
        $today = LocalDate::fromIso(self::TODAY);
        $homes = array_map(fn (int $i): System => self::system($i), range(1, $systems));
        $allSpecies = array_map(fn (int $i): Species => self::species($i), range(1, self::SPECIES));
        $all = [];
        for ($i = 0; $i < $fish; $i++) {
            $all[] = self::fish($i, $allSpecies[$i % self::SPECIES], $homes[$i % $systems], $lengths, $today, $random);
        }

        return new Facility($today, 1095, new Rulebook, $homes, $all);
    }

    private static function system(int $i): System
    {
        $temperature = $i % 5 === 0
            ? WaterTemperature::byMonth([4, 5, 8, 12, 16, 19, 21, 21, 18, 13, 8, 5])
            : WaterTemperature::heldAt(25 + $i % 4 / 2);

        return System::ofOnePool("system-{$i}", "System {$i}", $i % 5 === 0 ? SystemKind::Pond : SystemKind::Tank, Box::inside(900 + 90 * $i, 400 + 40 * $i, 600), $temperature);
    }

    private static function species(int $i): Species
    {
        $adult = 250 + 30 * $i;

        return new Species(
            "species-{$i}", "Species {$i}", "Piscis numerus {$i}",
            Range::of('adult', 0.75 * $adult, $adult, 1.35 * $adult), Range::of('coefficient', 0.3, 0.55, 0.9),
            SwimmingStyle::cases()[$i % 3], cardinalTemperatures: CardinalTemperatures::of("species {$i}", 14, 27, 33, 25),
        );
    }

    private static function fish(int $i, Species $species, System $home, int $lengths, LocalDate $today, Randomizer $random): Fish
    {
        $arrived = $today->plusDays(-75 * $lengths);
        $clock = GrowthClock::startingOn($arrived)->runOn(DailyGrowth::of($species, $home, Ration::Steady), $today);
        $entries = [];
        for ($n = 0; $n < $lengths; $n++) {
            $day = $arrived->plusDays(75 * $n);
            $true = (new VonBertalanffy)->lengthAt(60 + $i % 40, $species->adultLength->typical, 0.5, $clock->timeOn($day));
            $entries[] = new MeasuredLength($day, Length::ofMillimetres($true * (1 + ($random->getInt(0, 200) - 100) / 3000)), Method::Picture);
        }

        return new Fish("fish-{$i}", "Fish {$i}", $species, $arrived, [new Stay($home->key, $arrived)], $entries);
    }
}
