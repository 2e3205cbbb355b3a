<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\FitMemory;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\LevelPeaks;
use Biomegas\Growth\Fit\MapEstimator;
use Biomegas\Growth\Fit\MeasuredGrowth;
use Biomegas\Growth\Fit\NoMemory;
use Biomegas\Growth\Kin\KinEvidence;
use Biomegas\Growth\Kin\KinPrior;
use Biomegas\Growth\Pace\FacilityPace;
use Biomegas\Growth\Pace\PaceBelief;
use Biomegas\Growth\Pace\PaceStep;
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

    /** @var array<string, PaceBelief> by fish */
    private array $beliefs = [];

    private readonly FacilityClocks $clocks;

    public function __construct(
        public readonly Facility $facility,
        private readonly ?FacilityPace $pace = null,
        private readonly FitMemory $memory = new NoMemory,
    ) {
        $this->clocks = new FacilityClocks($facility);
    }

    /** How the fish here keep to their curves, from those that are surely of their species: it stays good for weeks. */
    public static function paceOf(Facility $facility, FitMemory $memory = new NoMemory): FacilityPace
    {
        $growth = new self($facility, memory: $memory);
        $logEvidence = $logWidth = [];
        foreach ($facility->fish as $fish) {
            if ($fish->candidates === [] && count($fish->lengths) > 1) {
                $levels = $growth->levelsOf($fish, 'pace');
                if ($levels !== null) {
                    $prior = GrowthPrior::ofSpecies($fish->species, $fish->sex);
                    $evidence = KinEvidence::of($levels->asOne(PaceBelief::usual()->shares), $prior);
                    $logEvidence[$fish->key] = $levels->logEvidence;
                    $logWidth[$fish->key] = array_map(fn (array $width): float => $evidence->logLikelihoodUnder($prior->narrowed($width[0])->covariance), FacilityPace::WIDTHS);
                }
            }
        }

        return $memory->recall('pace', '', [$logEvidence, $logWidth], fn (): FacilityPace => FacilityPace::of($logEvidence, $logWidth));
    }

    public function projectionOf(Fish $fish): GrowthProjection
    {
        return GrowthProjection::over($this->facility, $fish, array_map(fn (CandidateSpecies $candidate): array => [
            $candidate->weight,
            new SpeciesProjection($this->facility, $fish, $candidate->species, $this->priorOf($fish, $candidate->species), $this->clocks, $this->beliefOf($fish), $this->memory),
        ], $fish->possibleSpecies()));
    }

    /** The prior of the fish as one of this species, from the species and its kin here. */
    public function priorOf(Fish $fish, Species $species): GrowthPrior
    {
        return KinPrior::of(
            $this->priorWithoutKin($fish, $species),
            array_values(array_filter(array_map($this->evidenceOf(...), $this->kinOf($fish, $species)))),
        );
    }

    /** The prior of the fish as one of this species, as wide as animals here are found to be. */
    public function priorWithoutKin(Fish $fish, Species $species): GrowthPrior
    {
        return GrowthPrior::ofSpecies($species, $fish->sex)->narrowed($this->beliefOf($fish)->width);
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

    private function weigh(Fish $fish): ?KinEvidence
    {
        $levels = $this->levelsOf($fish, 'kin');

        return $levels === null ? null : KinEvidence::of($levels->asOne($this->beliefOf($fish)->shares), GrowthPrior::ofSpecies($fish->species, $fish->sex));
    }

    private function beliefOf(Fish $fish): PaceBelief
    {
        return $this->beliefs[$fish->key] ??= $this->pace?->beliefOf($fish->key) ?? PaceBelief::usual();
    }

    /**
     * Null when it has stopped growing before it was measured twice.
     *
     * @param  string  $for  what they are wanted for: lengths may be left out
     */
    private function levelsOf(Fish $fish, string $for): ?LevelPeaks
    {
        $prior = GrowthPrior::ofSpecies($fish->species, $fish->sex);
        $lengths = MeasuredGrowth::of($fish, $fish->species, $prior, $this->clocks)->beforeStalling();

        return count($lengths) < 2 ? null : $this->memory->recall("levels-for-{$for}", $fish->key, [$fish->species->curve, $prior, $lengths], function () use ($fish, $prior, $lengths): LevelPeaks {
            $curve = GrowthCurves::named($fish->species->curve);

            return LevelPeaks::about((new MapEstimator($curve, $prior, PaceStep::WANDER))->find($lengths), $curve, $prior, $lengths);
        });
    }
}
