<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\FishClocks;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthDraws;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\Observation;
use Biomegas\Growth\LengthsOfFish;

/** The growth of one fish behind and ahead of today, taken to be of one kind. */
final class KindProjection
{
    /** Quantiles that are kept: the drawn ones, and tails for mixtures of kinds. */
    public const LEVELS = [0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.98];

    /** From today on: from all lengths, or from the last alone when the fish has stalled. */
    public readonly GrowthDraws $draws;

    /** From all lengths, until it stalled. */
    public readonly GrowthDraws $behind;

    /** How many of the last lengths show that it stopped growing; 0 when it did not. */
    public readonly int $stalled;

    /** Growth time at which the draws for today on begin. */
    private readonly float $offset;

    public readonly GrowthClock $past;

    /** @var list<Observation> */
    public readonly array $observations;

    private ?GrowthTable $table = null;

    private readonly FishClocks $clocks;

    /** @var array<string, GrowthClock> by system */
    private array $clocksAhead = [];

    /** @var array<WeightedQuantiles> lengths at the horizon, by growth time until there */
    private array $atHorizon = [];

    private ?WeightedQuantiles $adultLengths = null;

    public function __construct(
        private readonly Facility $facility,
        private readonly Fish $fish,
        public readonly Species $species,
        public readonly GrowthPrior $prior,
        private readonly float $processVariation = FishFit::PROCESS_VARIATION,
        int $draws = FishFit::DRAWS,
    ) {
        $this->clocks = new FishClocks($facility, $fish, $species);
        $this->past = $this->clocks->past();
        $this->observations = LengthsOfFish::observed($fish, $species, $this->past);
        $this->stalled = StalledRun::of($this->observations, GrowthCurves::named($species->curve), $prior);
        // Of a stall only the first length belongs to the growth before it.
        $this->behind = $this->fit(array_slice($this->observations, 0, count($this->observations) - max(0, $this->stalled - 1)), $draws);
        $last = $this->observations[count($this->observations) - 1] ?? null;
        $this->offset = $this->stalled > 0 && $last !== null ? $last->time : 0.0;
        $this->draws = $this->stalled > 0 && $last !== null
            ? $this->fit([new Observation(0.0, $last->logLength, $last->error)], $draws)
            : $this->behind;
    }

    /**
     * @param  System|null  $livingIn  from today on; null: where it lives
     * @return list<float> millimetres at each of LEVELS
     */
    public function lengthsOn(LocalDate $date, ?System $livingIn = null): array
    {
        if ($date->isBefore($this->facility->date)) {
            return array_map($this->lengthsBehind($this->past->timeOn($date))->at(...), self::LEVELS);
        }
        $time = ($livingIn === null ? $this->aheadAtHome() : $this->aheadIn($livingIn))->timeOn($date);

        return array_map(fn (float $level): float => $this->table()->lengthAfter($time, $level), self::LEVELS);
    }

    /** @return list<float> millimetres at each of LEVELS */
    public function adultLengthsAtLevels(): array
    {
        return array_map($this->adultLengths()->at(...), self::LEVELS);
    }

    /** Share of what is possible that never becomes longer than this. */
    public function shareStayingBelow(float $limitMm): float
    {
        return 1 - $this->adultLengths()->shareFrom($limitMm);
    }

    /** Living in the system from today on: the share that reaches this length within the horizon. */
    public function shareReaching(float $limitMm, System $livingIn): float
    {
        $time = $this->past->endTime() + $this->aheadIn($livingIn)->endTime();
        $lengths = $this->atHorizon[(string) $time] ??= WeightedQuantiles::of($this->drawnLengths([$time])[0], $this->draws->weight);

        return $lengths->shareFrom($limitMm);
    }

    /**
     * The day by which this share has reached the length, living in the system
     * from today on; null beyond the horizon. Since growth never reverses, one
     * in ten are there when the 90 % curve is.
     */
    public function dayReaching(float $limitMm, float $share, System $livingIn): ?LocalDate
    {
        $time = $this->table()->timeUntil($limitMm, round(1 - $share, 4));

        return $time === null ? null : $this->aheadIn($livingIn)->firstDayWith($time);
    }

    /**
     * @param  list<float>  $times  growth time since the first length, not before the last
     * @return array<int, list<float>> the length of every draw at each
     */
    public function drawnLengths(array $times): array
    {
        return $this->draws->lengthsAt(array_map(fn (float $time): float => $time - $this->offset, $times));
    }

    /** Growth time from the start of the draws until today. */
    public function timeOfDraws(): float
    {
        return $this->past->endTime() - $this->offset;
    }

    /** The same fit without the last length, to hold that one against it. */
    public function withoutLastLength(): GrowthDraws
    {
        return $this->fit(array_slice($this->observations, 0, -1), FishFit::DRAWS);
    }

    /** What the kind alone would make of the first length. */
    public function fromFirstLengthAlone(): GrowthDraws
    {
        return $this->fit(array_slice($this->observations, 0, 1), FishFit::DRAWS);
    }

    /** Growth time on a day behind or, living where it does, ahead. */
    public function timeOn(LocalDate $date): float
    {
        return $date->isAfter($this->facility->date)
            ? $this->past->endTime() + $this->aheadAtHome()->timeOn($date)
            : $this->past->timeOn($date);
    }

    public function aheadIn(System $system): GrowthClock
    {
        return $this->clocksAhead[$system->key] ??= $this->clocks->aheadIn($system);
    }

    public function aheadAtHome(): GrowthClock
    {
        return $this->aheadIn($this->facility->systems[$this->fish->currentSystem()]);
    }

    /** @param  list<Observation>  $observations */
    private function fit(array $observations, int $draws): GrowthDraws
    {
        return (new FishFit(GrowthCurves::named($this->species->curve), $this->prior, $this->processVariation, $draws))->fit($observations);
    }

    /** Kin are fitted too, but never asked for a date. */
    private function table(): GrowthTable
    {
        return $this->table ??= GrowthTable::of($this->draws, $this->timeOfDraws(), self::LEVELS);
    }

    /** While it stalls a fish is as long as its last length says. */
    private function lengthsBehind(float $time): WeightedQuantiles
    {
        $stalls = $this->stalled > 0 && $time >= $this->observations[count($this->observations) - $this->stalled]->time;

        return $stalls
            ? WeightedQuantiles::of($this->draws->start, $this->draws->weight)
            : WeightedQuantiles::of($this->behind->lengthsBehind($time), $this->behind->weight);
    }

    private function adultLengths(): WeightedQuantiles
    {
        return $this->adultLengths ??= WeightedQuantiles::of($this->draws->asymptote, $this->draws->weight);
    }
}
