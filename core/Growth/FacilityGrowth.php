<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\MapEstimator;
use Biomegas\Growth\Fit\MeasuredGrowth;
use Biomegas\Growth\Fit\ProcessVariation;
use Biomegas\Growth\Kin\KinEvidence;
use Biomegas\Growth\Kin\KinPrior;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\SpeciesProjection;

/** The growth of all fish of a facility, in which kin inform each other. */
final class FacilityGrowth
{
    /** More kin than this add nothing that can be seen. */
    private const MOST_KIN = 20;

    /** @var array<string, KinEvidence|null> by fish */
    private array $evidence = [];

    /** @var array<string, list<Fish>>|null by species those who can tell of their kin, with the most lengths first */
    private ?array $telling = null;

    private readonly FacilityClocks $clocks;

    public function __construct(
        public readonly Facility $facility,
        private readonly float $processVariation = FishFit::PROCESS_VARIATION,
    ) {
        $this->clocks = new FacilityClocks($facility);
    }

    /**
     * How much growth time wanders here, from the fish that are surely of their
     * species, as one float that stays good for weeks.
     */
    public static function processVariationOf(Facility $facility): float
    {
        $clocks = new FacilityClocks($facility);
        $fish = [];
        foreach ($facility->fish as $single) {
            if ($single->candidates === [] && $single->lengths !== []) {
                $prior = GrowthPrior::ofSpecies($single->species, $single->sex);
                $fish[] = [GrowthCurves::named($single->species->curve), $prior, MeasuredGrowth::of($single, $single->species, $prior, $clocks)->observations];
            }
        }

        return ProcessVariation::estimate($fish);
    }

    public function projectionOf(Fish $fish): GrowthProjection
    {
        return GrowthProjection::over($this->facility, $fish, array_map(fn (CandidateSpecies $candidate): array => [
            $candidate->weight,
            new SpeciesProjection($this->facility, $fish, $candidate->species, $this->priorOf($fish, $candidate->species), $this->clocks, $this->processVariation),
        ], $fish->possibleSpecies()));
    }

    /** The prior of the fish as one of this species, from the species and its kin here. */
    public function priorOf(Fish $fish, Species $species): GrowthPrior
    {
        return KinPrior::of(
            GrowthPrior::ofSpecies($species, $fish->sex),
            array_values(array_filter(array_map($this->evidenceOf(...), $this->kinOf($fish, $species)))),
        );
    }

    /**
     * The others of this species that were measured more than once and are surely
     * of it: one length tells nothing of growth.
     *
     * @return list<Fish> those with the most lengths first
     */
    public function kinOf(Fish $fish, Species $species): array
    {
        $this->telling ??= $this->groupTelling();
        $kin = array_filter(
            array_slice($this->telling[$species->key] ?? [], 0, self::MOST_KIN + 1),
            fn (Fish $other): bool => $other->key !== $fish->key,
        );

        return array_slice(array_values($kin), 0, self::MOST_KIN);
    }

    /** @return array<string, list<Fish>> */
    private function groupTelling(): array
    {
        $groups = [];
        foreach ($this->facility->fish as $fish) {
            if ($fish->candidates === [] && count($fish->lengths) > 1) {
                $groups[$fish->species->key][] = $fish;
            }
        }
        foreach ($groups as $key => $group) {
            usort($group, fn (Fish $a, Fish $b): int => count($b->lengths) <=> count($a->lengths));
            $groups[$key] = $group;
        }

        return $groups;
    }

    private function evidenceOf(Fish $fish): ?KinEvidence
    {
        if (! array_key_exists($fish->key, $this->evidence)) {
            $this->evidence[$fish->key] = $this->weigh($fish);
        }

        return $this->evidence[$fish->key];
    }

    /** Null when it has stopped growing before it was measured twice. */
    private function weigh(Fish $fish): ?KinEvidence
    {
        $prior = GrowthPrior::ofSpecies($fish->species, $fish->sex);
        $lengths = MeasuredGrowth::of($fish, $fish->species, $prior, $this->clocks)->beforeStalling();

        return count($lengths) < 2 ? null : KinEvidence::of(
            (new MapEstimator(GrowthCurves::named($fish->species->curve), $prior, $this->processVariation))->find($lengths),
            $prior,
        );
    }
}
