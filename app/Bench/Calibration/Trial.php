<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

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
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Projection\SpeciesProjection;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whether bands hold what they say: invented fish with a known future are
 * projected from what a keeper would have measured of them.
 */
final readonly class Trial
{
    public const FISH = 500;

    private const TODAY = '2027-03-01';

    private const HORIZON_YEARS = 10;

    private const LIMIT_OF_ADULT = 0.7;

    /** Growth time is searched for the true date in steps of this many years. */
    private const STEP = 0.25;

    /** Dates are held against their band where fewer than this share have no date. */
    private const FEW = 0.1;

    public function __construct(
        public int $lengths,
        public bool $withSeasons = false,
        public float $slipShare = 0.0,
        /** How growth time wanders in truth, years to the half; the model always takes the usual one. */
        public float $wander = 0.03,
        /** How the pace of an animal departs from its curve in truth; the model does not know. */
        public float $spread = 0.0,
        private int $seed = 20270301,
    ) {
    }

    public function run(): TrialResult
    {
        $random = new Randomizer(new Mt19937($this->seed + $this->lengths));
        $species = $this->species();
        $home = $this->home();
        $below = $above = $inTransform = $dated = $datesInside = 0;
        for ($i = 0; $i < self::FISH; $i++) {
            $life = InventedLife::draw($species, $this->wander, $this->spread, $random);
            [$projection, $now] = $this->projected($life, $species, $home, $random);
            $yearOn = $projection->timeOn($this->today()->plusDays(365));
            $read = $life->lengthAt($yearOn) * exp(Method::Hand->relativeError() * Chance::normal($random));
            $length = $projection->lengthOn($this->today()->plusDays(365));
            $below += (int) ($read < $length(LengthBand::LOW));
            $above += (int) ($read > $length(LengthBand::HIGH));
            $date = $this->dateOf($life, $projection, $now, $random);
            $inTransform += (int) ($date['transform'] > LengthBand::LOW && $date['transform'] < LengthBand::HIGH);
            $dated += (int) $date['hasDate'];
            $datesInside += (int) ($date['hasDate'] && $date['isInside']);
        }

        return new TrialResult(
            1 - ($below + $above) / self::FISH,
            $below / self::FISH,
            $above / self::FISH,
            $inTransform / self::FISH,
            $dated > 0 ? $datesInside / $dated : null,
        );
    }

    /** @return array{SpeciesProjection, float} and growth time today */
    private function projected(InventedLife $life, Species $species, System $home, Randomizer $random): array
    {
        $days = $this->daysOfLengths($random);
        $arrived = $this->today()->plusDays(-max([1, ...$days]));
        $bare = new Fish('one', 'One', $species, $arrived, [new Stay($home->key, $arrived)]);
        $past = (new FacilityClocks($this->facility($home, $bare)))->past($bare, $species);
        $entries = [];
        foreach ($days as $daysAgo) {
            $date = $this->today()->plusDays(-$daysAgo);
            $method = Method::cases()[$random->getInt(0, 3)];
            $true = $life->liveUntil($past->timeOn($date), $random);
            $entries[] = new MeasuredLength($date, Length::ofMillimetres($true * exp($method->relativeError() * Chance::normal($random)) * $this->slip($random)), $method);
        }
        $fish = new Fish('one', 'One', $species, $arrived, $bare->stays, $entries);

        return [new SpeciesProjection($this->facility($home, $fish), $fish, $species, GrowthPrior::ofSpecies($species), new FacilityClocks($this->facility($home, $fish))), $past->endTime()];
    }

    /**
     * Where the true outgrow time lies among the projected ones, in steps of
     * growth time; ties of "already" and "never" are spread evenly.
     *
     * @return array{transform: float, hasDate: bool, isInside: bool}
     */
    private function dateOf(InventedLife $life, SpeciesProjection $projection, float $now, Randomizer $random): array
    {
        $limit = self::LIMIT_OF_ADULT * $projection->species->adultLength->typical;
        $steps = range(0.0, self::HORIZON_YEARS, self::STEP);
        $true = $this->firstReaching($limit, array_map(fn (float $t): float => $life->lengthAt($now + $t), $steps));
        $drawn = $projection->drawnLengths(array_map(fn (float $t): float => $now + $t, $steps));
        // A draw that is at the limit at the step before had reached it earlier.
        $reachedBy = fn (int $step): float => match (true) {
            $step < 0 => 0.0,
            $step >= count($steps) => 1.0,
            default => array_sum(array_map(fn (float $length, float $weight): float => $length >= $limit ? $weight : 0.0, $drawn[$step], $projection->draws->weight)),
        };
        [$before, $by] = [$reachedBy($true - 1), $reachedBy($true)];
        $transform = $before + ($by - $before) * Chance::uniform($random);

        return [
            'transform' => $transform,
            'hasDate' => $reachedBy(0) < self::FEW && $reachedBy(count($steps) - 1) > 1 - self::FEW,
            'isInside' => $transform >= LengthBand::LOW && $transform <= LengthBand::HIGH,
        ];
    }

    /** @param  list<float>  $lengths */
    private function firstReaching(float $limit, array $lengths): int
    {
        foreach ($lengths as $i => $length) {
            if ($length >= $limit) {
                return $i;
            }
        }

        return count($lengths);
    }

    /** @return list<int> days ago, the last today */
    private function daysOfLengths(Randomizer $random): array
    {
        $days = [];
        for ($i = 0, $ago = 0; $i < $this->lengths; $i++, $ago += $random->getInt(20, 120)) {
            $days[] = $ago;
        }

        return array_reverse($days);
    }

    /** Half, double, or the length of some other fish. */
    private function slip(Randomizer $random): float
    {
        if (Chance::uniform($random) >= $this->slipShare) {
            return 1.0;
        }

        return [0.5, 2.0, 0.3 + 2.7 * Chance::uniform($random)][$random->getInt(0, 2)];
    }

    private function species(): Species
    {
        return new Species(
            'invented', 'Invented fish', 'Piscis inventus',
            Range::of('adult_length_mm', 400, 500, 700), Range::of('growth_coefficient_per_year', 0.35, 0.6, 1.0),
            SwimmingStyle::Slow, cardinalTemperatures: $this->withSeasons ? CardinalTemperatures::of('invented fish', 8, 25, 33, 22) : null,
        );
    }

    private function home(): System
    {
        return System::ofOnePool(
            'home', 'Home', $this->withSeasons ? SystemKind::Pond : SystemKind::Tank, Box::inside(6000, 3500, 1300),
            $this->withSeasons ? WaterTemperature::byMonth([4, 5, 8, 12, 16, 19, 21, 21, 18, 13, 8, 5]) : null,
        );
    }

    private function facility(System $home, Fish $fish): Facility
    {
        return new Facility($this->today(), 365 * self::HORIZON_YEARS, new Rulebook, [$home], [$fish]);
    }

    private function today(): LocalDate
    {
        return LocalDate::fromIso(self::TODAY);
    }
}
