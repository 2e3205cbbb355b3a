<?php

declare(strict_types=1);

namespace Biomegas\Planning\Search;

use Biomegas\Facility\Background;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Method;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\HousingCase;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Occupant;
use Biomegas\Measure\Length;
use Biomegas\Measure\Spoken;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Planning\WeighUp\WeighUp;

/**
 * The search turned round: which kinds could live in a system, brought home
 * today at the size they are sold at, with all who live there. Rules of
 * housing alone; who eats or beats whom is another question.
 */
final readonly class SpeciesSearch
{
    /** More than this of one kind nobody asks for. */
    private const MOST_OF_A_KIND = 60;

    /** Looked at for as long as a life is. */
    private Facility $facility;

    private FacilityGrowth $study;

    public function __construct(
        Facility $facility,
        private Residents $residents,
        private Spoken $spoken,
    ) {
        $this->facility = $facility->lookingAhead(WeighUp::HORIZON_DAYS);
        $this->study = new FacilityGrowth($this->facility);
    }

    /**
     * @param  list<array{Species, Background}>  $kinds
     * @return list<SuitableSpecies> for life first, then those that fit longest, then those that do not; the largest first among equals
     */
    public function in(System $system, array $kinds): array
    {
        $lodgers = array_map(fn (array $kind): SuitableSpecies => $this->lodger($system, ...$kind), $kinds);
        usort($lodgers, fn (SuitableSpecies $a, SuitableSpecies $b): int => self::rank($b) <=> self::rank($a));

        return $lodgers;
    }

    /** @return array{int, string, float} */
    private static function rank(SuitableSpecies $one): array
    {
        return [
            match ($one->fit) {
                Fit::ForLife => 2,
                Fit::Until => 1,
                Fit::Not => 0,
            },
            $one->until?->toIso() ?? '9999',
            $one->kind->adultLength->typical,
        ];
    }

    private function lodger(System $system, Species $kind, Background $background): SuitableSpecies
    {
        $fish = $this->asFish($system, $kind, $background->usualLengthWhenSold($kind));
        $growth = $this->study->projectionOf($fish)->leading();
        $search = new HomeSearch($this->facility, $growth, $fish, $this->residents, $this->spoken);
        $refusal = $search->refusalOf($system);
        $stay = $refusal === null ? $search->stayFromToday($system) : null;

        return $stay === null
            ? new SuitableSpecies($kind, Fit::Not, null, 0, 0, $refusal, Role::of($kind), [])
            : $this->fitting($system, $kind, $stay);
    }

    private function fitting(System $system, Species $kind, StayAhead $stay): SuitableSpecies
    {
        $least = $kind->needs->minimumGroup;

        return new SuitableSpecies(
            $kind,
            $stay->isForLife ? Fit::ForLife : Fit::Until,
            $stay->leave,
            $least,
            $stay->isForLife ? $this->mostGrown($system, $kind, $least) : $least,
            $stay->because,
            Role::of($kind),
            $stay->toMend,
        );
    }

    /** How many adults the floor and the litres hold, with everybody else as they are at the horizon. */
    private function mostGrown(System $system, Species $kind, int $least): int
    {
        $nobody = $this->asFish($system, $kind, $kind->adultLength->typical);
        $residents = $this->residents->in($system, $this->facility->horizon(), $nobody);
        $most = $least;
        while ($most < self::MOST_OF_A_KIND) {
            $newcomer = new Occupant($kind->commonName, $kind, $kind->adultLength->typical, $most + 1);
            if (Judgement::of(new HousingCase($newcomer, $system, $residents, $this->facility->rulebook, $this->spoken))->obstacle() !== null) {
                break;
            }
            $most++;
        }

        return $most;
    }

    private function asFish(System $system, Species $kind, float $length): Fish
    {
        return new Fish(
            'lodger', $kind->commonName, $kind, $this->facility->date, [new Stay($system->key, $this->facility->date)],
            [new MeasuredLength($this->facility->date, Length::ofMillimetres($length), Method::Eye)], $kind->needs->minimumGroup,
        );
    }
}
