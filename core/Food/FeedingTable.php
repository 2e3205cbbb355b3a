<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Mass;

/** Those in a system who are fed in one go: all of them, or one that is fed by itself. */
final readonly class FeedingTable
{
    /** @param  non-empty-list<Fish>  $fish */
    public function __construct(
        public System $system,
        public array $fish,
        /** Fed by itself: the only fish of the table. */
        public bool $isAlone,
        /** Null: dry food as the book says. */
        public ?FeedingPlan $plan,
        /** Grams of dry food by the book, today. */
        public float $ration,
    ) {
    }

    /** @return list<Amount> for one go; none: they are not fed, or with what nobody named */
    public function amounts(LocalDate $today): array
    {
        return $this->plan?->atOnce($today, $this->ration) ?? [];
    }

    public function isFasting(LocalDate $today): bool
    {
        return $this->plan?->isFasting($today) ?? false;
    }

    /** Whether anything is to be given. */
    public function isFed(LocalDate $today): bool
    {
        return $this->plan === null ? $this->ration >= Amount::LEAST_GRAMS : $this->amounts($today) !== [];
    }

    /** It eats at the table of the others and is only told of by itself: what all are given stands with all of them. */
    public function isSharing(): bool
    {
        return $this->isAlone && $this->plan === null;
    }

    /** What to give in one go, and how often. */
    public function finding(LocalDate $today): Finding
    {
        return match (true) {
            $this->isFasting($today) => Finding::of('food.fasting'),
            ! $this->isFed($today) => Finding::of('food.nothing'),
            $this->plan === null => Finding::of('food.dry', amount: Mass::ofGrams($this->ration)),
            default => Finding::of('food.give', amounts: array_map(fn (Amount $amount): Finding => $amount->finding(), $this->amounts($today)), times: $this->plan->times),
        };
    }

    public function medicine(LocalDate $today): ?string
    {
        return $this->plan?->medicineOn($today);
    }
}
