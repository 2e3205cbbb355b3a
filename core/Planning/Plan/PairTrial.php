<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\DoubtfulCompany;
use Biomegas\Company\Mouthful;
use Biomegas\Facility\Facility;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;

/** What it costs that two are together, period by period: by the rules of company, each asked of either as the newcomer. */
final class PairTrial
{
    /** So far apart are the days that are asked; between two that agree it is as they say. */
    private const STEP_DAYS = 190;

    /** @var array<string, array{Occupant, Occupant}> by fish and day */
    private array $occupants = [];

    public function __construct(
        private readonly Facility $facility,
        private readonly Periods $periods,
    ) {
    }

    /** @return list<float> for each day together, by period */
    public function costs(Lodger $one, Lodger $other): array
    {
        $last = $this->periods->count() - 1;
        $costs = [0 => $this->costIn(0, $one, $other)];
        $this->fill($costs, $one, $other, 0, $last);
        ksort($costs);

        return array_values($costs);
    }

    /** @param  array<int, float>  $costs  by period; the first is known */
    private function fill(array &$costs, Lodger $one, Lodger $other, int $from, int $to): void
    {
        $costs[$to] ??= $this->costIn($to, $one, $other);
        if ($to - $from < 2) {
            return;
        }
        if ($costs[$from] === $costs[$to] && $this->periods->middle($from)->daysUntil($this->periods->middle($to)) <= self::STEP_DAYS) {
            for ($t = $from + 1; $t < $to; $t++) {
                $costs[$t] = $costs[$from];
            }

            return;
        }
        $middle = intdiv($from + $to, 2);
        $this->fill($costs, $one, $other, $from, $middle);
        $this->fill($costs, $one, $other, $middle, $to);
    }

    /** Whatever it costs at its beginning or its end. */
    private function costIn(int $period, Lodger $one, Lodger $other): float
    {
        $begins = $this->costOn($this->periods->start($period), $one, $other);

        return $begins >= Weights::DANGER ? $begins : max($begins, $this->costOn($this->periods->end($period), $one, $other));
    }

    private function costOn(LocalDate $day, Lodger $one, Lodger $other): float
    {
        [$a, $judgedA] = $this->occupants($one, $day);
        [$b, $judgedB] = $this->occupants($other, $day);
        $shares = $one->home->key === $other->home->key;
        $verdict = Judgement::obstacleOfCompany(new HousingCase($judgedA, $one->home, [$b], $this->facility->rulebook, $shares))
            ?? Judgement::obstacleOfCompany(new HousingCase($judgedB, $one->home, [$a], $this->facility->rulebook, $shares));

        return match (true) {
            $verdict?->rule === HousingRule::Company => Weights::APART,
            $verdict !== null => Weights::DANGER,
            ! $shares && $this->isDoubtful($a, $b) => Weights::WATCHED,
            default => 0.0,
        };
    }

    private function isDoubtful(Occupant $one, Occupant $other): bool
    {
        return DoubtfulCompany::among([$other], $one, $this->facility->rulebook) !== [] || Mouthful::isNear($one, $other);
    }

    /** @return array{Occupant, Occupant} as a resident, and as one who is judged */
    private function occupants(Lodger $lodger, LocalDate $day): array
    {
        return $this->occupants["{$lodger->fish->key} {$this->periods->today->daysUntil($day)}"] ??= [$lodger->occupantOn($day), $lodger->judgedOn($day)];
    }
}
