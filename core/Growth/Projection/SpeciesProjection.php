<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\DailyGrowth;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\FitMemory;
use Biomegas\Growth\Fit\GrowthDraws;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\MeasuredGrowth;
use Biomegas\Growth\Fit\NoMemory;
use Biomegas\Growth\Fit\Observation;
use Biomegas\Growth\Pace\PaceBelief;
use Biomegas\Numerics\WeightedQuantiles;
use Closure;

/** The growth of one fish behind and ahead of today, taken to be of one species. */
final class SpeciesProjection
{
    /** Of which species are mixed: the drawn ones, and tails. */
    public const LEVELS = [0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.98];

    /** From today on: from all lengths, or from the last alone when the fish has stalled. */
    public readonly GrowthDraws $draws;

    /** From all lengths, until it stalled. */
    public readonly GrowthDraws $behind;

    public readonly MeasuredGrowth $measured;

    /** Growth time at which the draws for today on begin. */
    private readonly float $offset;

    private ?GrowthTable $table = null;

    /** @var array<WeightedQuantiles> growth times from today until a length is reached, by that length */
    private array $reach = [];

    private ?WeightedQuantiles $lengthsToday = null;

    private ?WeightedQuantiles $adultLengths = null;

    public function __construct(
        private readonly Facility $facility,
        private readonly Fish $fish,
        public readonly Species $species,
        public readonly GrowthPrior $prior,
        private readonly FacilityClocks $clocks,
        private readonly ?PaceBelief $pace = null,
        private readonly FitMemory $memory = new NoMemory,
    ) {
        $this->measured = MeasuredGrowth::of($fish, $species, $prior, $clocks);
        $this->behind = $this->remembered('behind', $this->measured->beforeStalling());
        $last = $this->measured->stalled > 0 ? $this->measured->last() : null;
        $this->offset = $last->time ?? 0.0;
        $this->draws = $last === null ? $this->behind : $this->remembered('ahead', [new Observation(0.0, $last->logLength, $last->error)]);
    }

    /**
     * @param  System|null  $livingIn  from today on; null: where it lives
     * @return Closure(float): float the length that this share stays below, millimetres
     */
    public function lengthOn(LocalDate $date, ?System $livingIn = null): Closure
    {
        if ($date->isBefore($this->facility->date)) {
            return $this->lengthsBehind($this->measured->past->timeOn($date))->at(...);
        }
        $time = ($livingIn === null ? $this->aheadAtHome() : $this->aheadIn($livingIn))->timeOn($date);

        return fn (float $share): float => $this->lengthAfter($time, $share);
    }

    /**
     * The length that this share stays below, millimetres.
     *
     * @param  float  $time  growth time from today on
     */
    public function lengthAfter(float $time, float $share): float
    {
        return $time > 0.0 ? $this->table()->lengthAfter($time, $share) : $this->lengthsToday()->at($share);
    }

    /** The length that this share stays below as adults, millimetres. */
    public function adultLength(float $share): float
    {
        return $this->adultLengths()->at($share);
    }

    /** Share of what is possible that never becomes longer than this. */
    public function shareStayingBelow(float $limitMm): float
    {
        return 1 - $this->adultLengths()->shareFrom($limitMm);
    }

    /** Living in the system from today on: the share that reaches this length within the horizon. */
    public function shareReaching(float $limitMm, System $livingIn): float
    {
        return $this->reach($limitMm)->shareUpTo($this->aheadIn($livingIn)->endTime());
    }

    /**
     * The day by which this share has reached the length, living in the system
     * from today on; null beyond the horizon. All draws share one clock, which
     * never runs backwards, so the order of their growth times is that of
     * their days.
     */
    public function dayReaching(float $limitMm, float $share, System $livingIn): ?LocalDate
    {
        return $this->aheadIn($livingIn)->firstDayWith($this->timeReaching($limitMm, $share));
    }

    /** Growth time from today on by which this share has reached the length; infinite when not within the horizon. */
    public function timeReaching(float $limitMm, float $share): float
    {
        return isset($this->reach[(string) $limitMm]) ? $this->reach($limitMm)->at($share) : $this->table()->timeReaching($limitMm, $share);
    }

    /** How much it grows on each day in this system, fed as today. */
    public function dailyGrowthIn(System $system): DailyGrowth
    {
        return $this->clocks->growthIn($system, $this->species, $this->fish->rationOn($this->facility->date));
    }

    /** @return list<float> growth time from today on until each draw reaches the length, infinite when it never does */
    public function timesUntil(float $limitMm): array
    {
        $now = $this->timeOfDraws();

        return array_map(fn (float $time): float => $time - $now, $this->draws->timesUntil($limitMm, $now));
    }

    /**
     * @param  non-empty-list<float>  $times  growth time since the first length, not before the last
     * @return non-empty-list<list<float>> the length of every draw at each
     */
    public function drawnLengths(array $times): array
    {
        return $this->draws->lengthsAt(array_map(fn (float $time): float => $time - $this->offset, $times));
    }

    /** Growth time from the start of the draws until today. */
    public function timeOfDraws(): float
    {
        return $this->measured->past->endTime() - $this->offset;
    }

    /** The same fit without the last length, to hold that one against it. */
    public function withoutLastLength(): GrowthDraws
    {
        return $this->fit(array_slice($this->measured->observations, 0, -1));
    }

    /** What the species alone would make of the first length. */
    public function fromFirstLengthAlone(): GrowthDraws
    {
        return $this->fit(array_slice($this->measured->observations, 0, 1));
    }

    /** Growth time on a day behind or, living where it does, ahead. */
    public function timeOn(LocalDate $date): float
    {
        return $date->isAfter($this->facility->date)
            ? $this->measured->past->endTime() + $this->aheadAtHome()->timeOn($date)
            : $this->measured->past->timeOn($date);
    }

    public function aheadIn(System $system): GrowthClock
    {
        return $this->clocks->ahead($this->fish, $this->species, $system);
    }

    public function aheadAtHome(): GrowthClock
    {
        return $this->aheadIn($this->facility->system($this->fish->currentSystem()));
    }

    /** @param  list<Observation>  $observations */
    private function remembered(string $part, array $observations): GrowthDraws
    {
        return $this->memory->recall(
            'draws',
            "{$this->fish->key} {$this->species->key} {$part}",
            [$this->species->curve, $this->prior, $this->pace, $observations],
            fn (): GrowthDraws => $this->fit($observations),
        );
    }

    /** @param  list<Observation>  $observations */
    private function fit(array $observations): GrowthDraws
    {
        return (new FishFit(GrowthCurves::named($this->species->curve), $this->prior, $this->pace))->fit($observations);
    }

    private function reach(float $limitMm): WeightedQuantiles
    {
        return $this->reach[(string) $limitMm] ??= WeightedQuantiles::of($this->timesUntil($limitMm), $this->draws->weight);
    }

    /** The same as the table at its start, without the work of making it. */
    private function lengthsToday(): WeightedQuantiles
    {
        return $this->lengthsToday ??= WeightedQuantiles::of($this->draws->lengthsAt([$this->timeOfDraws()])[0], $this->draws->weight);
    }

    private function table(): GrowthTable
    {
        return $this->table ??= new GrowthTable($this->draws, $this->timeOfDraws(), $this->longestTimeAhead());
    }

    /** Growth time until the horizon in the best of homes. */
    private function longestTimeAhead(): float
    {
        $points = $this->species->cardinalTemperatures;
        $atBest = $points === null ? 1.0 : 1 / $points->responseAt($points->reference);

        return $this->fish->rationOn($this->facility->date)->growthFactor() * $atBest * $this->facility->horizonDays / LocalDate::DAYS_PER_YEAR;
    }

    /** While it stalls a fish is as long as its last length says. */
    private function lengthsBehind(float $time): WeightedQuantiles
    {
        $stalled = array_slice($this->measured->observations, -$this->measured->stalled, 1);
        $stalls = $this->measured->stalled > 0 && $time >= $stalled[0]->time;

        return $stalls
            ? WeightedQuantiles::of($this->draws->start, $this->draws->weight)
            : WeightedQuantiles::of($this->behind->lengthsBehind($time), $this->behind->weight);
    }

    private function adultLengths(): WeightedQuantiles
    {
        return $this->adultLengths ??= WeightedQuantiles::of($this->draws->asymptote, $this->draws->weight);
    }
}
