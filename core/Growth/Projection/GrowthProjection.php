<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\FishClocks;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthDraws;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\Observation;

/**
 * The growth of one fish behind and ahead of today. Ahead it never assumes
 * that a cramped fish stays small.
 */
final class GrowthProjection
{
    /** Quantiles kept for drawing a band that fades toward its edges. */
    public const QUANTILES = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9];

    private const SLIP_IS_LIKELY = 0.5;

    /** @var array<string, GrowthClock> by system */
    private array $clocksAhead = [];

    /** @var array<WeightedQuantiles> lengths at the horizon, by growth time until there */
    private array $atHorizon = [];

    private function __construct(
        private readonly FishClocks $clocks,
        private readonly Facility $facility,
        private readonly Fish $fish,
        private readonly GrowthClock $past,
        private readonly GrowthDraws $draws,
        private readonly GrowthTable $table,
    ) {
    }

    public static function of(Facility $facility, Fish $fish): self
    {
        $clocks = new FishClocks($facility, $fish);
        $past = $clocks->past();
        $draws = self::fitOf($fish)->fit(self::observations($fish, $past));

        return new self($clocks, $facility, $fish, $past, $draws, GrowthTable::of($draws, $past->endTime(), self::QUANTILES));
    }

    public function lengthOn(LocalDate $date): LengthBand
    {
        return $date->isBefore($this->facility->date)
            ? LengthBand::of(WeightedQuantiles::of($this->draws->lengthsBehind($this->past->timeOn($date)), $this->draws->weight))
            : $this->table->bandAfter($this->aheadAtHome()->timeOn($date));
    }

    /**
     * The length on a day to come at each of the kept quantiles, millimetres.
     *
     * @return list<float>
     */
    public function quantilesOn(LocalDate $date): array
    {
        $time = $this->aheadAtHome()->timeOn($date);

        return array_map(fn (float $quantile): float => $this->table->lengthAfter($time, $quantile), self::QUANTILES);
    }

    public function adultLength(): LengthBand
    {
        return LengthBand::of($this->adultLengths());
    }

    /** When it reaches this length, living in the system from today on. */
    public function outgrows(float $limitMm, System $livingIn): OutgrowWindow
    {
        $clock = $this->aheadIn($livingIn);
        $late = $this->dayReaching($limitMm, LengthBand::LOW, $clock);

        return new OutgrowWindow(
            $this->lengthsAtEndOf($clock)->shareFrom($limitMm),
            $this->dayReaching($limitMm, LengthBand::HIGH, $clock),
            $this->dayReaching($limitMm, LengthBand::LIKELY, $clock),
            $late,
            $late === null ? $this->whyNever($limitMm) : null,
        );
    }

    /** @return list<LocalDate> days of entries that do not fit the others: kept, but counted less */
    public function flagged(): array
    {
        $probabilities = $this->draws->slipProbability;
        $anySlip = $probabilities !== [] && max($probabilities) > self::SLIP_IS_LIKELY;
        $flagged = [];
        foreach ($this->fish->lengths as $i => $entry) {
            // Of two entries that do not fit together nobody can tell which is wrong.
            $isSlip = count($probabilities) === 2 ? $anySlip : ($probabilities[$i] ?? 0.0) > self::SLIP_IS_LIKELY;
            if ($isSlip) {
                $flagged[] = $entry->date;
            }
        }

        return $flagged;
    }

    /**
     * How fast it grew against its kind: the percentage of its kind that would
     * be smaller today after the same start. Null before the second length.
     */
    public function pace(): ?float
    {
        if (count($this->fish->lengths) < 2) {
            return null;
        }
        $first = self::observations($this->fish, $this->past)[0];
        $kind = self::fitOf($this->fish)->fit([$first]);
        $lengths = $kind->lengthsAt([$this->past->endTime()])[0];
        $now = $this->lengthOn($this->facility->date)->likely;

        return 100 * (1 - WeightedQuantiles::of($lengths, $kind->weight)->shareFrom($now));
    }

    private static function fitOf(Fish $fish): FishFit
    {
        return new FishFit(GrowthCurves::named($fish->species->curve), GrowthPrior::ofSpecies($fish->species));
    }

    /** @return list<Observation> */
    private static function observations(Fish $fish, GrowthClock $clock): array
    {
        return array_map(fn (MeasuredLength $entry): Observation => new Observation(
            $clock->timeOn($entry->date),
            log($entry->length->millimetres()),
            $entry->method->relativeError(),
        ), $fish->lengths);
    }

    private function aheadAtHome(): GrowthClock
    {
        return $this->aheadIn($this->facility->systems[$this->fish->currentSystem()]);
    }

    private function aheadIn(System $system): GrowthClock
    {
        return $this->clocksAhead[$system->key] ??= $this->clocks->aheadIn($system);
    }

    private function dayReaching(float $limitMm, float $quantile, GrowthClock $clock): ?LocalDate
    {
        $time = $this->table->timeUntil($limitMm, $quantile);

        return $time === null ? null : $clock->firstDayWith($time);
    }

    private function lengthsAtEndOf(GrowthClock $clock): WeightedQuantiles
    {
        $time = $this->past->endTime() + $clock->endTime();

        return $this->atHorizon[(string) $time] ??= WeightedQuantiles::of(
            $this->draws->lengthsAt([$time])[0],
            $this->draws->weight,
        );
    }

    private function whyNever(float $limitMm): LateMeans
    {
        return $this->adultLengths()->at(LengthBand::LOW) < $limitMm ? LateMeans::StaysBelow : LateMeans::NotWithinHorizon;
    }

    private function adultLengths(): WeightedQuantiles
    {
        return WeightedQuantiles::of($this->draws->asymptote, $this->draws->weight);
    }
}
