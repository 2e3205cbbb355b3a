<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Numerics\QuantileMix;
use Biomegas\Numerics\WeightedQuantiles;
use Closure;

/**
 * The growth of one fish behind and ahead of today, over all the species that it
 * may be. Ahead it never assumes that a cramped fish stays small.
 */
final readonly class GrowthProjection
{
    /** Quantiles for drawing a band that fades toward its edges. */
    public const QUANTILES = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9];

    private const OUTLIER_IS_LIKELY = 0.5;

    /** @param  non-empty-list<array{float, SpeciesProjection}>  $candidates weight and projection, most believed first; weights sum to 1 */
    private function __construct(
        private Facility $facility,
        private Fish $fish,
        public array $candidates,
    ) {
    }

    /** @param  non-empty-list<array{float, SpeciesProjection}>  $candidates belief before the lengths were looked at, and projection */
    public static function over(Facility $facility, Fish $fish, array $candidates): self
    {
        $greatest = max(array_map(fn (array $projection): float => $projection[1]->behind->logEvidence, $candidates));
        $weights = array_map(fn (array $projection): float => $projection[0] * exp($projection[1]->behind->logEvidence - $greatest), $candidates);
        $sum = array_sum($weights);
        $weighted = array_map(fn (array $projection, float $weight): array => [$weight / $sum, $projection[1]], $candidates, $weights);
        usort($weighted, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return new self($facility, $fish, $weighted);
    }

    /** The species that is most believed, with the lengths considered. */
    public function leading(): SpeciesProjection
    {
        return $this->candidates[0][1];
    }

    public function lengthOn(LocalDate $date): LengthBand
    {
        return $this->band(fn (SpeciesProjection $projection): Closure => $projection->lengthOn($date));
    }

    /**
     * The length on a day to come at each of the drawn quantiles, millimetres.
     *
     * @param  System|null  $livingIn  from today on; null: where it lives
     * @return list<float>
     */
    public function quantilesOn(LocalDate $date, ?System $livingIn = null): array
    {
        return $this->quantiles(self::QUANTILES, fn (SpeciesProjection $projection): Closure => $projection->lengthOn($date, $livingIn));
    }

    public function adultLength(): LengthBand
    {
        return $this->band(fn (SpeciesProjection $projection): Closure => $projection->adultLength(...));
    }

    /**
     * When it outgrows a home, living in it from today on.
     *
     * @param  Closure(Species): float  $limitOf  greatest length that fits, millimetres, for each species that it may be
     */
    public function outgrows(Closure $limitOf, System $home): OutgrowWindow
    {
        $probability = $below = 0.0;
        foreach ($this->candidates as [$weight, $projection]) {
            $limit = $limitOf($projection->species);
            $probability += $weight * $projection->shareReaching($limit, $home);
            $below += $weight * $projection->shareStayingBelow($limit);
        }
        $late = $this->dayReaching($limitOf, LengthBand::HIGH, $home);

        return new OutgrowWindow(
            min(1.0, $probability),
            $this->dayReaching($limitOf, LengthBand::LOW, $home),
            $this->dayReaching($limitOf, LengthBand::LIKELY, $home),
            $late,
            match (true) {
                $late !== null => null,
                $below > LengthBand::LOW => LateMeans::StaysBelow,
                default => LateMeans::NotWithinHorizon,
            },
        );
    }

    /** The same taken to be surely of one of its species. */
    public function ifSurely(SpeciesProjection $projection): self
    {
        return new self($this->facility, $this->fish, [[1.0, $projection]]);
    }

    /** @return list<LocalDate> days of entries that do not fit the others: kept, but counted less */
    public function flagged(): array
    {
        $probabilities = $this->leading()->behind->outlierProbability;
        if ($this->fish->hatched !== null) {
            // The first was the day of hatching, which is no entry.
            array_shift($probabilities);
        }
        $anyOutlier = $probabilities !== [] && max($probabilities) > self::OUTLIER_IS_LIKELY;
        $flagged = [];
        // The last few of a fish that stopped agree with each other: it is the fish, not the entries.
        foreach (array_slice($this->fish->lengths->all(), 0, count($this->fish->lengths) - $this->leading()->measured->stalled) as $i => $entry) {
            // Of two entries that do not fit together nobody can tell which is wrong.
            $isOutlier = count($probabilities) === 2 ? $anyOutlier : ($probabilities[$i] ?? 0.0) > self::OUTLIER_IS_LIKELY;
            if ($isOutlier) {
                $flagged[] = $entry->date;
            }
        }

        return $flagged;
    }

    /**
     * How fast it grew against its species: the percentage of its species that would
     * be smaller today after the same start. Null before the second length.
     */
    public function pace(): ?float
    {
        if (count($this->fish->lengths) < 2) {
            return null;
        }
        $leading = $this->leading();
        $projection = $leading->fromFirstLengthAlone();
        $lengths = $projection->lengthsAt([$leading->measured->past->endTime()])[0];
        $now = $leading->lengthAfter(0.0, LengthBand::LIKELY);

        return 100 * (1 - WeightedQuantiles::of($lengths, $projection->weight)->shareFrom($now));
    }

    /**
     * The day by which this share of what is possible has reached the limit,
     * living in the home from today on; null beyond the horizon.
     *
     * @param  Closure(Species): float  $limitOf
     */
    public function dayReaching(Closure $limitOf, float $share, System $home): ?LocalDate
    {
        if (count($this->candidates) === 1) {
            return $this->leading()->dayReaching($limitOf($this->leading()->species), $share, $home);
        }
        $never = $this->facility->horizonDays + 1;
        $days = fn (SpeciesProjection $projection): Closure => function (float $level) use ($projection, $limitOf, $home, $never): float {
            $day = $projection->dayReaching($limitOf($projection->species), $level, $home);

            return $day === null ? $never : $this->facility->date->daysUntil($day);
        };
        $day = (int) ceil($this->quantiles([$share], $days)[0] - 1e-6);

        return $day > $this->facility->horizonDays ? null : $this->facility->date->plusDays($day);
    }

    /** @param  Closure(SpeciesProjection): (Closure(float): float)  $valueAt  a value at a share of one species */
    private function band(Closure $valueAt): LengthBand
    {
        return new LengthBand(...$this->quantiles([LengthBand::LOW, LengthBand::LIKELY, LengthBand::HIGH], $valueAt));
    }

    /**
     * @param  non-empty-list<float>  $quantiles
     * @param  Closure(SpeciesProjection): (Closure(float): float)  $valueAt  a value at a share of one species
     * @return non-empty-list<float>
     */
    private function quantiles(array $quantiles, Closure $valueAt): array
    {
        if (count($this->candidates) === 1) {
            return array_map($valueAt($this->leading()), $quantiles);
        }
        $parts = array_map(fn (array $projection): array => [$projection[0], array_map($valueAt($projection[1]), SpeciesProjection::LEVELS)], $this->candidates);

        return array_map(fn (float $quantile): float => QuantileMix::at($quantile, SpeciesProjection::LEVELS, $parts), $quantiles);
    }
}
