<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Facility\CandidateKind;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Growth\Clock\FishClocks;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\ProcessVariation;
use Biomegas\Growth\Kin\KinEvidence;
use Biomegas\Growth\Kin\KinPrior;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\KindProjection;

/** The growth of all fish of a facility, in which kin inform each other. */
final class FacilityGrowth
{
    /** Draws for what kin say of each other: they are averaged, so fewer do. */
    private const DRAWS_OF_KIN = 192;

    /** More kin than this add nothing that can be seen. */
    private const MOST_KIN = 20;

    /** @var array<string, KinEvidence> by fish and kind */
    private array $evidence = [];

    public function __construct(
        public readonly Facility $facility,
        private readonly float $processVariation = FishFit::PROCESS_VARIATION,
    ) {
    }

    /**
     * How much growth time wanders here, from the fish that are surely of their
     * kind, as one float that stays good for weeks.
     */
    public static function processVariationOf(Facility $facility): float
    {
        $fish = [];
        foreach ($facility->fish as $one) {
            if ($one->candidates === [] && $one->lengths !== []) {
                $prior = GrowthPrior::ofSpecies($one->species, $one->sex);
                $fish[] = [GrowthCurves::named($one->species->curve), $prior, LengthsOfFish::observed($one, $one->species, (new FishClocks($facility, $one, $one->species))->past())];
            }
        }

        return ProcessVariation::estimate($fish);
    }

    public function projectionOf(Fish $fish): GrowthProjection
    {
        return GrowthProjection::over($this->facility, $fish, array_map(fn (CandidateKind $kind): array => [
            $kind->weight,
            new KindProjection($this->facility, $fish, $kind->species, $this->priorOf($fish, $kind->species), $this->processVariation),
        ], $fish->kinds()));
    }

    /** The prior of the fish as one of this kind, from the kind and its kin here. */
    public function priorOf(Fish $fish, Species $species): GrowthPrior
    {
        return KinPrior::of(
            GrowthPrior::ofSpecies($species, $fish->sex),
            array_map(fn (Fish $kin): KinEvidence => $this->evidenceOf($kin), $this->kinOf($fish, $species)),
        );
    }

    /**
     * The others of this kind that were measured more than once and are surely
     * of it: one length tells nothing of growth.
     *
     * @return list<Fish> those with the most lengths first
     */
    public function kinOf(Fish $fish, Species $species): array
    {
        $kin = array_values(array_filter($this->facility->fish, fn (Fish $other): bool => $other->key !== $fish->key
            && $other->species->key === $species->key
            && $other->candidates === []
            && count($other->lengths) > 1));
        usort($kin, fn (Fish $a, Fish $b): int => count($b->lengths) <=> count($a->lengths));

        return array_slice($kin, 0, self::MOST_KIN);
    }

    private function evidenceOf(Fish $fish): KinEvidence
    {
        return $this->evidence[$fish->key] ??= $this->weigh($fish);
    }

    private function weigh(Fish $fish): KinEvidence
    {
        $prior = GrowthPrior::ofSpecies($fish->species, $fish->sex);
        $alone = new KindProjection($this->facility, $fish, $fish->species, $prior, $this->processVariation, self::DRAWS_OF_KIN);

        return KinEvidence::of($alone->behind, $prior);
    }
}
