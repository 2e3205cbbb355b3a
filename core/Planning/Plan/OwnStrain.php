<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;

/** What it costs one fish to be in one system, whoever else is there: its water and its size. */
final readonly class OwnStrain
{
    public function __construct(
        private Facility $facility,
        private Periods $periods,
        private Weights $weights,
    ) {
    }

    /** @return list<float|null> by period; null: it cannot be there */
    public function of(Lodger $lodger, System $system): array
    {
        $isHome = $system->key === $lodger->home->key;
        if (! $isHome && $system->isForQuarantine()) {
            return array_fill(0, $this->periods->count(), null);
        }
        $sizes = $this->bySize($lodger, $system);
        $waters = [];
        $strain = [];
        for ($t = 0; $t < $this->periods->count(); $t++) {
            $months = $this->periods->months($t);
            $suits = $waters[implode(' ', $months)] ??= $this->waterSuits($lodger, $system, $months);
            $strain[] = match (true) {
                $suits && ($isHome || $this->isOpen($system, $t)) => $sizes[$t] + ($isHome ? 0.0 : Weights::AWAY * $this->periods->days($t)),
                $isHome => $sizes[$t] + Weights::DANGER * $this->periods->days($t),
                default => null,
            };
        }

        return $strain;
    }

    /** @return list<float> by period */
    private function bySize(Lodger $lodger, System $system): array
    {
        $isSetAside = $this->facility->rulebook->holdingFor($system->key, $lodger->fish->key)->setAside(HousingRule::Size->value) !== null;
        $outgrown = $isSetAside ? null : $lodger->outgrows($system);
        $close = $isSetAside ? null : $lodger->shouldLeave($system);
        $waiting = $isSetAside || $lodger->isForLifeIn($system) ? 0.0 : $this->weights->waiting;

        return array_map(
            fn (int $t): float => Weights::OUT_OF_RULE * $this->periods->daysFrom($t, $outgrown)
                + $this->weights->closeness * $this->closeness($t, $close, $outgrown) * $this->periods->daysFrom($t, $close)
                + $waiting * $this->periods->days($t),
            range(0, $this->periods->count() - 1),
        );
    }

    /** From 0 on the day on which it should be moved on to 1 on which it may be too long. */
    private function closeness(int $t, ?LocalDate $close, ?LocalDate $outgrown): float
    {
        if ($close === null) {
            return 0.0;
        }
        $span = max(1, $outgrown === null ? $close->daysUntil($this->periods->horizon()) : $close->daysUntil($outgrown));

        return max(0.0, min(1.0, $close->daysUntil($this->periods->end($t)) / $span));
    }

    /** @param  non-empty-list<int>  $months */
    private function waterSuits(Lodger $lodger, System $system, array $months): bool
    {
        return Judgement::obstacleOfWater(new HousingCase($lodger->occupantOn($this->facility->date), $system, [], $this->facility->rulebook, months: $months)) === null;
    }

    private function isOpen(System $system, int $t): bool
    {
        $from = $system->readyFrom($this->facility->date);

        return $from === null || ! $this->periods->start($t)->isBefore($from);
    }
}
