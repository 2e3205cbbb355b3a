<?php

declare(strict_types=1);

namespace Tests\Calibration;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Method;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\FishClocks;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Projection\KindProjection;
use Biomegas\Measure\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Kinds;

/** Invented fish with a known future, projected from what a keeper would have measured. */
final readonly class Trial
{
    private const FISH = 500;

    private const TODAY = '2027-03-01';

    private const LIMIT_OF_ADULT = 0.7;

    public function __construct(
        private int $lengths,
        private bool $withSeasons = false,
        private float $slipShare = 0.0,
        private float $processVariation = 0.03,
        private int $seed = 20270301,
    ) {
    }

    public function run(): TrialResult
    {
        $random = new Randomizer(new Mt19937($this->seed + $this->lengths));
        $inside = $below = $dates = 0;
        for ($i = 0; $i < self::FISH; $i++) {
            [$isBelow, $isInside, $u] = $this->one($random);
            $below += (int) $isBelow;
            $inside += (int) $isInside;
            $dates += (int) ($u > 0.1 && $u < 0.9);
        }

        return new TrialResult($inside / self::FISH, $below / self::FISH, $dates / self::FISH);
    }

    /** @return array{bool, bool, float} true length below the band, inside it, transform of the outgrow date */
    private function one(Randomizer $random): array
    {
        $species = $this->withSeasons ? Kinds::ofPond() : Kinds::of();
        $home = $this->withSeasons ? Kinds::pond('home') : Kinds::tank('home', 120, 50);
        [$start, $asymptote, $coefficient] = $this->truth($random, $species);
        $today = LocalDate::fromIso(self::TODAY);
        $days = $this->daysOfLengths($random);
        $arrived = $today->plusDays(-max([1, ...$days]));
        $facility = fn (array $fish): Facility => Kinds::facility([$home], $fish, self::TODAY, 3650);
        $bare = new Fish('one', 'One', $species, $arrived, [new \Biomegas\Facility\Stay('home', $arrived)]);
        $clock = (new FishClocks($facility([$bare]), $bare, $species));
        $past = $clock->past();
        $curve = GrowthCurves::named($species->curve);
        $entries = [];
        [$deviation, $time] = [0.0, 0.0];
        foreach ($days as $daysAgo) {
            $date = $today->plusDays(-$daysAgo);
            $deviation += $this->processVariation * sqrt(max(0.0, $past->timeOn($date) - $time)) * $this->normal($random);
            $time = $past->timeOn($date);
            $method = Method::cases()[$random->getInt(0, 3)];
            $true = $curve->lengthAt($start, $asymptote, $coefficient, max(0.0, $time + $deviation));
            $entries[] = new MeasuredLength($date, Length::ofMillimetres($true * exp($method->relativeError() * $this->normal($random)) * $this->slip($random)), $method);
        }
        $fish = new Fish('one', 'One', $species, $arrived, $bare->stays, $entries);
        $projection = new KindProjection($facility([$fish]), $fish, $species, GrowthPrior::ofSpecies($species));
        $yearOn = $today->plusDays(365);
        $ahead = $clock->aheadIn($home)->timeOn($yearOn);
        $end = $past->endTime() + $ahead;
        $wander = $deviation + $this->processVariation * sqrt(max(0.0, $end - $time)) * $this->normal($random);
        $true = $curve->lengthAt($start, $asymptote, $coefficient, max(0.0, $end + $wander));
        $lengths = $projection->lengthsOn($yearOn);
        [$low, $high] = [$lengths[array_search(0.1, KindProjection::LEVELS, true)], $lengths[array_search(0.9, KindProjection::LEVELS, true)]];

        return [$true < $low, $true >= $low && $true <= $high, $this->transform($random, $projection, $home, $start, $asymptote, $coefficient, $past->endTime(), $deviation, $time, $species)];
    }

    /**
     * Where the true outgrow time lies among the projected ones, growth time
     * being counted by quarters; ties of "already" and "never" are spread evenly.
     */
    private function transform(Randomizer $random, KindProjection $projection, System $home, float $start, float $asymptote, float $coefficient, float $now, float $deviation, float $last, Species $species): float
    {
        $limit = self::LIMIT_OF_ADULT * $species->adultLength->typical;
        $steps = range(0.0, 10.0, 0.25);
        $z = $this->normal($random);
        $curve = GrowthCurves::named($species->curve);
        $true = $this->firstReaching($limit, array_map(fn (float $t): float => $curve->lengthAt($start, $asymptote, $coefficient, max(0.0, $now + $t + $deviation + $this->processVariation * sqrt(max(0.0, $now + $t - $last)) * $z)), $steps));
        $drawn = $projection->drawnLengths(array_map(fn (float $t): float => $now + $t, $steps));
        // A draw that is at the limit at the step before had reached it earlier.
        $reachedBy = fn (int $step): float => match (true) {
            $step < 0 => 0.0,
            $step >= count($steps) => 1.0,
            default => array_sum(array_map(fn (float $length, float $weight): float => $length >= $limit ? $weight : 0.0, $drawn[$step], $projection->draws->weight)),
        };
        [$before, $by] = [$reachedBy($true - 1), $reachedBy($true)];

        return $before + ($by - $before) * $this->uniform($random);
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

    /** @return array{float, float, float} */
    private function truth(Randomizer $random, Species $species): array
    {
        $prior = GrowthPrior::ofSpecies($species);
        do {
            [$logAsymptote, $logCoefficient] = $prior->draw($this->normal($random), $this->normal($random));
            $start = exp($prior->logStart + $prior->logStartSpread * $this->normal($random));
        } while ($start > 0.8 * exp($logAsymptote));

        return [$start, exp($logAsymptote), exp($logCoefficient)];
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
        if ($this->uniform($random) >= $this->slipShare) {
            return 1.0;
        }

        return [0.5, 2.0, 0.3 + 2.7 * $this->uniform($random)][$random->getInt(0, 2)];
    }

    private function uniform(Randomizer $random): float
    {
        return $random->getInt(1, 2 ** 53) / 2 ** 53;
    }

    private function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($this->uniform($random))) * cos(2 * M_PI * $this->uniform($random));
    }
}
