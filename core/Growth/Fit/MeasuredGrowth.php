<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Species;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Clock\GrowthClock;
use Biomegas\Growth\Curve\GrowthCurves;

/** The growth that a fish has shown, as the fit sees it. */
final readonly class MeasuredGrowth
{
    /** A hatchling's share of its adult length, and how little more is known of it. From memory, no published source. */
    private const HATCHLING_SHARE = 0.012;

    private const HATCHLING_ERROR = 0.5;

    /** @param  list<Observation>  $observations by growth time, the first at zero */
    private function __construct(
        /** Its growth time until today. */
        public GrowthClock $past,
        public array $observations,
        /** How many of the last lengths show that it stopped growing; 0 when it did not. */
        public int $stalled,
    ) {
    }

    /** @param  GrowthPrior  $prior how its species grows, to see whether it stopped */
    public static function of(Fish $fish, Species $species, GrowthPrior $prior, FacilityClocks $clocks): self
    {
        $past = $clocks->past($fish, $species);
        $observations = self::observed($fish, $species, $past);

        // Whether it stopped does not hang on what somebody states of its adult length.
        $usual = $species->kind === null ? $prior : GrowthPrior::ofSpecies($species->kind);

        return new self($past, $observations, StalledRun::of($observations, GrowthCurves::named($species->curve), $usual));
    }

    /** @return list<Observation> of a stall only the first length belongs to the growth before it */
    public function beforeStalling(): array
    {
        return array_slice($this->observations, 0, count($this->observations) - max(0, $this->stalled - 1));
    }

    public function last(): ?Observation
    {
        return $this->observations[count($this->observations) - 1] ?? null;
    }

    /**
     * A known day of hatching counts as a first length, which was small.
     *
     * @return list<Observation>
     */
    private static function observed(Fish $fish, Species $species, GrowthClock $clock): array
    {
        $lengths = array_map(fn (MeasuredLength $entry): Observation => new Observation(
            $clock->timeOn($entry->date),
            log($entry->asStatedFor($species)),
            $entry->relativeErrorFor($species),
        ), $fish->lengths->all());

        return $fish->hatched === null || $lengths === []
            ? $lengths
            : [new Observation(0.0, log(self::HATCHLING_SHARE * $species->adultLength->typical), self::HATCHLING_ERROR), ...$lengths];
    }
}
