<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

use Biomegas\Calendar\LocalDate;
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
use Biomegas\Growth\Curve\VonBertalanffy;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;

/**
 * The first lengths of every animal of a series as one facility, each animal a
 * species of its own, and the later ones within a little over a year held
 * against what is projected. The species are as well known as a keeper knows
 * them: adult size within 30 %, pace within two thirds, about the curve that
 * fits the whole series best.
 */
final readonly class SeriesTrial
{
    private const TODAY = '2027-03-01';

    private const HORIZON_DAYS = 1095;

    private const LONGEST_AHEAD_DAYS = 400;

    /** Of each animal so many later lengths are held against the projection: the next, the last, one between. */
    private const FORECASTS = 3;

    private const ASYMPTOTES = [1.0, 1.05, 1.1, 1.2, 1.3, 1.5, 1.8, 2.2];

    private const SLOWEST = 0.1;

    private const FASTEST = 8.0;

    private const FASTER = 1.08;

    /** @param  int|null  $known  how many lengths of each animal are known; null: half of them */
    public function __construct(private MeasuredSeries $series, private ?int $known = null)
    {
    }

    public function run(): SeriesResult
    {
        $animals = $this->series->lengths();
        $typical = self::typical($animals);
        $fish = $later = [];
        foreach ($animals as $key => $lengths) {
            $known = $this->known ?? intdiv(count($lengths) + 1, 2);
            $until = $lengths[$known - 1][0];
            $fish[] = self::fish($key, array_slice($lengths, 0, $known), $until, $typical);
            $later[$key] = self::forecasts(array_slice($lengths, $known), $until);
        }
        $home = System::ofOnePool('home', 'Home', SystemKind::Tank, Box::inside(9000, 9000, 900), null);
        $facility = new Facility(self::today(), self::HORIZON_DAYS, new Rulebook, [$home], $fish);
        $growth = new FacilityGrowth($facility, FacilityGrowth::paceOf($facility));
        $result = new SeriesResult;
        foreach ($facility->fish as $key => $one) {
            $projection = $growth->projectionOf($one);
            foreach ($later[$key] as [$days, $millimetres]) {
                $result->add($projection->lengthOn(self::today()->plusDays($days)), $millimetres);
            }
        }

        return $result;
    }

    /**
     * @param  list<array{float, float}>  $lengths
     * @return list<array{int, float}> days ahead and millimetres
     */
    private static function forecasts(array $lengths, float $until): array
    {
        $near = array_values(array_filter($lengths, fn (array $length): bool => $length[0] - $until <= self::LONGEST_AHEAD_DAYS));
        $some = count($near) <= self::FORECASTS ? $near : [$near[0], $near[intdiv(count($near), 2)], $near[count($near) - 1]];

        return array_map(fn (array $length): array => [(int) round($length[0] - $until), $length[1]], $some);
    }

    /**
     * @param  list<array{float, float}>  $lengths
     * @param  array{float, float}  $typical
     */
    private static function fish(string $key, array $lengths, float $until, array $typical): Fish
    {
        [$asymptote, $coefficient] = $typical;
        $species = new Species(
            "species of {$key}", $key, $key, Range::of('adult', 0.7 * $asymptote, $asymptote, $asymptote / 0.7),
            Range::of('coefficient', 0.6 * $coefficient, $coefficient, $coefficient / 0.6), SwimmingStyle::Slow,
        );
        $entries = array_map(fn (array $length): MeasuredLength => new MeasuredLength(
            self::today()->plusDays((int) round($length[0] - $until)), Length::ofMillimetres($length[1]), Method::Hand,
        ), $lengths);

        return new Fish($key, $key, $species, $entries[0]->date, [new Stay('home', $entries[0]->date)], $entries);
    }

    /**
     * Asymptote and coefficient with the least squares over all lengths, in
     * logarithms, of a grid; each animal starts from its own first length.
     *
     * @param  array<string, non-empty-list<array{float, float}>>  $animals
     * @return array{float, float}
     */
    private static function typical(array $animals): array
    {
        $longest = max([0.0, ...array_map(fn (array $lengths): float => max(array_column($lengths, 1)), array_values($animals))]);
        [$least, $best] = [INF, [$longest, 1.0]];
        foreach (self::ASYMPTOTES as $times) {
            for ($coefficient = self::SLOWEST; $coefficient < self::FASTEST; $coefficient *= self::FASTER) {
                $squares = self::squares($animals, $times * $longest, $coefficient);
                if ($squares < $least) {
                    [$least, $best] = [$squares, [$times * $longest, $coefficient]];
                }
            }
        }

        return $best;
    }

    /** @param  array<string, non-empty-list<array{float, float}>>  $animals */
    private static function squares(array $animals, float $asymptote, float $coefficient): float
    {
        $curve = new VonBertalanffy;
        $squares = 0.0;
        foreach ($animals as $lengths) {
            foreach ($lengths as [$day, $millimetres]) {
                $expected = $curve->lengthAt($lengths[0][1], $asymptote, $coefficient, ($day - $lengths[0][0]) / LocalDate::DAYS_PER_YEAR);
                $squares += log($millimetres / $expected) ** 2;
            }
        }

        return $squares;
    }

    private static function today(): LocalDate
    {
        return LocalDate::fromIso(self::TODAY);
    }
}
