<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** A food to buy, and by when. */
final readonly class Purchase
{
    private const NOTICE_DAYS = 7;

    public function __construct(
        public Food $food,
        /** So that it is there before the old one is gone; never before today. */
        public LocalDate $by,
        /** In its unit, whole packs where it comes in packs. */
        public float $amount,
        /** Null: it does not come in packs. */
        public ?int $packs,
        /** In the facility's money; null: not known. */
        public ?float $price,
    ) {
    }

    /** Whoever goes shopping once a week is told in time. Judgement. */
    public function isDueOn(LocalDate $today): bool
    {
        return $today->daysUntil($this->by) <= self::NOTICE_DAYS;
    }

    /** It should be there by now. */
    public function isLateOn(LocalDate $today): bool
    {
        return ! $this->by->isAfter($today);
    }

    public function finding(LocalDate $today): Finding
    {
        $what = $this->packs === null
            ? (new Amount($this->food, $this->amount))->finding()
            : Finding::of('food.packs', packs: $this->packs, food: $this->food->name);

        return $this->isLateOn($today) ? Finding::of('food.buy_now', what: $what) : Finding::of('food.buy', what: $what, by: $this->by);
    }
}
