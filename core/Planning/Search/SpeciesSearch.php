<?php

declare(strict_types=1);

namespace Biomegas\Planning\Search;

use Biomegas\Facility\Background;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Measure\Length;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Planning\WeighUp\WeighUp;
use Biomegas\Rulebook\Method;

/**
 * The search turned round: which species could live in a system, brought home
 * today at the size they are sold at, or at which nobody there swallows them,
 * with all who live there. Who beats whom is another question.
 */
final readonly class SpeciesSearch
{
    /** More than this of one species nobody asks for. */
    private const MOST_OF_A_KIND = 60;

    /** Looked at for as long as a life is. */
    private Facility $facility;

    private FacilityGrowth $study;

    public function __construct(
        Facility $facility,
        private Residents $residents,
    ) {
        $this->facility = $facility->lookingAhead(WeighUp::HORIZON_DAYS);
        $this->study = new FacilityGrowth($this->facility);
    }

    /**
     * @param  list<array{Species, Background}>  $allSpecies
     * @return list<SuitableSpecies> for life first, then those that fit longest, then those that do not; the largest first among equals
     */
    public function in(System $system, array $allSpecies): array
    {
        $lodgers = array_map(fn (array $species): SuitableSpecies => $this->judged($system, ...$species), $allSpecies);
        usort($lodgers, fn (SuitableSpecies $a, SuitableSpecies $b): int => self::rank($b) <=> self::rank($a));

        return $lodgers;
    }

    /** @return array{int, string, float} */
    private static function rank(SuitableSpecies $suitable): array
    {
        return [
            match ($suitable->fit) {
                Fit::ForLife => 2,
                Fit::Until => 1,
                Fit::Not => 0,
            },
            $suitable->until?->toIso() ?? '9999',
            $suitable->species->adultLength->typical,
        ];
    }

    private function judged(System $system, Species $species, Background $background): SuitableSpecies
    {
        $search = $this->searchFor($system, $species, $background->usualLengthWhenSold($species));
        $joinFrom = $search->joinFromIn($system);
        $grown = $joinFrom === null ? $search : $this->searchFor($system, $species, WeighUp::A_LITTLE_MORE * $joinFrom);
        $stay = $grown->refusalOf($system) === null ? $grown->stayFromToday($system) : null;

        return $stay === null
            ? new SuitableSpecies($species, Fit::Not, null, 0, 0, $search->refusalOf($system), Role::of($species), [])
            : $this->fitting($system, $species, $stay, $joinFrom);
    }

    private function searchFor(System $system, Species $species, float $length): HomeSearch
    {
        $fish = $this->asFish($system, $species, $length);

        return new HomeSearch($this->facility, $this->study->projectionOf($fish), $fish, $this->residents);
    }

    private function fitting(System $system, Species $species, StayAhead $stay, ?float $joinFrom): SuitableSpecies
    {
        $least = $species->needs->minimumGroup;

        return new SuitableSpecies(
            $species,
            $stay->isForLife ? Fit::ForLife : Fit::Until,
            $stay->leave,
            $least,
            $stay->isForLife ? $this->mostGrown($system, $species, $least) : $least,
            $stay->because,
            Role::of($species),
            $stay->toMend,
            $joinFrom,
        );
    }

    /** How many adults the floor and the litres hold, with everybody else as they are at the horizon. */
    private function mostGrown(System $system, Species $species, int $least): int
    {
        $nobody = $this->asFish($system, $species, $species->adultLength->typical);
        $residents = $this->residents->in($system, $this->facility->horizon(), $nobody);
        $most = $least;
        while ($most < self::MOST_OF_A_KIND) {
            $newcomer = new Occupant($species->commonName, $species, $species->adultLength->typical, $most + 1);
            if (Judgement::of(new HousingCase($newcomer, $system, $residents, $this->facility->rulebook))->obstacle() !== null) {
                break;
            }
            $most++;
        }

        return $most;
    }

    private function asFish(System $system, Species $species, float $length): Fish
    {
        return new Fish(
            'lodger', $species->commonName, $species, $this->facility->date, [new Stay($system->key, $this->facility->date)],
            [new MeasuredLength($this->facility->date, Length::ofMillimetres($length), Method::Eye)], $species->needs->minimumGroup, $this->facility->rulebook->ration(),
        );
    }
}
