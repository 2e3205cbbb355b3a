<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Generator;

/**
 * Which of the homes that are open on a day one goes to. What tells by the home
 * alone is asked first, and residents are looked at only where they decide:
 * whoever was not looked at may change without changing what is chosen here.
 */
final class HomeChoice
{
    /** @var array<string, System> by key, the smallest first */
    private readonly array $homes;

    /** @var array<string, EndOfStay|null> by home, as far as they were asked for; null: it is not taken there */
    private array $ends = [];

    /**
     * @param  array<string, System>  $open  by key
     * @param  array<string, StayClock>  $clocks  of its growth, by home
     * @param  StayAhead|null  $before  where it comes from; null: it is brought home
     */
    public function __construct(
        private readonly HomeTrial $trial,
        private readonly LocalDate $day,
        array $open,
        private readonly array $clocks,
        private readonly ?StayAhead $before,
    ) {
        uasort($open, fn (System $a, System $b): int => $a->floorArea() <=> $b->floorArea());
        $this->homes = $open;
    }

    /** @return array{System, EndOfStay}|null the smallest that lasts until that day, else what lasts longest */
    public function lastingUntil(LocalDate $until): ?array
    {
        $lasting = array_filter($this->homes, fn (System $system): bool => $this->trial->mayFit($system, $this->clocks[$system->key], $until));
        foreach ($this->inOrder($lasting) as $system) {
            $end = $this->endIn($system);
            if ($end !== null && $end->lastsUntil($until) && $end->outlasts($this->before)) {
                return [$system, $end];
            }
        }

        return $this->longest();
    }

    /**
     * An empty home first, doubtful company last.
     *
     * @param  array<string, System>  $homes  by key, the smallest first
     * @return Generator<System>
     */
    private function inOrder(array $homes): Generator
    {
        $inhabited = $doubtful = [];
        foreach ($homes as $system) {
            if ($this->trial->isEmpty($system, $this->day)) {
                yield $system;
            } else {
                $inhabited[] = $system;
            }
        }
        foreach ($inhabited as $system) {
            if ($this->trial->companyRank($system, $this->day) === CompanyRank::Peaceful) {
                yield $system;
            } else {
                $doubtful[] = $system;
            }
        }
        foreach ($doubtful as $system) {
            yield $system;
        }
    }

    /** @return array{System, EndOfStay}|null of equals that with the better company, then the smaller */
    private function longest(): ?array
    {
        $latest = $this->latestEnds();
        $best = null;
        foreach ($latest as $key => $end) {
            // From here on none can last longer, whoever lives there.
            if ($best !== null && $end->order() < $best[1]->order()) {
                break;
            }
            $end = $this->endIn($this->homes[$key]);
            if ($end !== null && $end->outlasts($this->before) && ($best === null || $this->isBetter($this->homes[$key], $end, ...$best))) {
                $best = [$this->homes[$key], $end];
            }
        }

        return $best;
    }

    /** @return array<string, EndOfStay> by home that it fits into now and that may outlast the one before: if its residents have nothing against it; the latest first */
    private function latestEnds(): array
    {
        $latest = [];
        foreach ($this->homes as $key => $system) {
            if ($this->trial->mayFit($system, $this->clocks[$key], $this->day)) {
                $latest[$key] = $this->trial->latestEnd($system, $this->clocks[$key], $this->day);
            }
        }
        $latest = array_filter($latest, fn (EndOfStay $end): bool => $end->outlasts($this->before));
        uasort($latest, fn (EndOfStay $a, EndOfStay $b): int => $b->order() <=> $a->order());

        return $latest;
    }

    private function isBetter(System $system, EndOfStay $end, System $than, EndOfStay $endThere): bool
    {
        $later = $end->order() <=> $endThere->order();
        if ($later !== 0) {
            return $later > 0;
        }
        $company = $this->trial->companyRank($system, $this->day)->value <=> $this->trial->companyRank($than, $this->day)->value;

        return $company < 0 || ($company === 0 && $system->floorArea() < $than->floorArea());
    }

    private function endIn(System $system): ?EndOfStay
    {
        $key = $system->key;
        if (! array_key_exists($key, $this->ends)) {
            $this->ends[$key] = $this->trial->endOf($system, $this->clocks[$key], $this->day);
        }

        return $this->ends[$key];
    }
}
