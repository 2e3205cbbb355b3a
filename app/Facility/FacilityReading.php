<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Pace\FacilityPace;

/** The facility as it was read, and what follows from it alone: kept as one, until a row changes that it was read from. */
final readonly class FacilityReading
{
    /**
     * @param  array<string, FishSnapshot>  $kept  by the core's key
     * @param  FacilityPace  $pace  how the fish here keep to their curves
     * @param  array<string, string>  $prints  of each fish, those whose lengths inform its growth, and what is believed of its pace
     * @param  string  $surroundings  fingerprint of what the outlook of any fish depends on besides the fish
     */
    private function __construct(
        public Facility $facility,
        public array $kept,
        public FacilityPace $pace,
        public array $prints,
        public string $surroundings,
    ) {
    }

    /** @param  array<string, FishSnapshot>  $kept */
    public static function of(Facility $facility, array $kept, ProjectionCache $answers): self
    {
        $pace = self::paceIn($facility, $answers);
        $growth = new FacilityGrowth($facility, $pace);
        $own = array_map(fn (Fish $fish): string => hash('xxh128', serialize($fish)), $facility->fish);

        return new self(
            $facility,
            $kept,
            $pace,
            array_map(fn (Fish $fish): string => hash('xxh128', serialize([
                $own[$fish->key], array_map(fn (Fish $kin): string => $own[$kin->key], self::kinOf($fish, $growth)), $pace->beliefOf($fish->key),
            ])), $facility->fish),
            hash('xxh128', serialize([$facility->date, $facility->horizonDays, $facility->rulebook, $facility->systems])),
        );
    }

    /** From the lengths before this month, so that one more length does not stir every projection. */
    private static function paceIn(Facility $facility, ProjectionCache $answers): FacilityPace
    {
        $untilThisMonth = $facility->until(LocalDate::fromIso(substr($facility->date->toIso(), 0, 8).'01'));

        return $answers->restingOn(
            ProjectionCache::LASTING.'pace',
            'pace',
            [],
            fn (): array => [FacilityGrowth::paceOf($untilThisMonth, new KeptFits($answers)), ''],
            fn (): string => hash('xxh128', serialize($untilThisMonth)),
        );
    }

    /** @return list<Fish> those whose lengths inform its growth */
    private static function kinOf(Fish $fish, FacilityGrowth $growth): array
    {
        return array_merge(...array_map(fn (CandidateSpecies $species): array => $growth->kinOf($fish, $species->species), $fish->possibleSpecies()));
    }
}
