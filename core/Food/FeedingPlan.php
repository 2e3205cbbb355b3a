<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\FeedingHabit;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** What a system, or a fish by itself, is fed, how often, and on which days not. */
final readonly class FeedingPlan
{
    /** Shares that a keeper typed come so near to a whole. */
    private const ROUNDING = 0.011;

    /**
     * @param  non-empty-list<PlanPart>  $parts
     * @param  list<int>  $fasting  weekdays as ISO 8601 counts them: Monday is 1. What is not fed on them is not made up for
     *
     * @throws InvalidEntry when the shares are no whole, a food stands there twice, or nothing is ever fed
     */
    public function __construct(
        public array $parts,
        /** Of the ration by the book. */
        public float $ofRation = 1.0,
        /** A day. */
        public int $times = 1,
        public array $fasting = [],
        /** What goes with the food, in the keeper's words; null: nothing. */
        public ?string $medicine = null,
        /** The last day of it; null: no end is set. */
        public ?LocalDate $medicineUntil = null,
    ) {
        if (abs(array_sum(array_map(fn (PlanPart $part): float => $part->share, $parts)) - 1.0) > self::ROUNDING) {
            throw InvalidEntry::because('parts', Finding::of('food.parts_no_whole'));
        }
        $keys = array_map(fn (PlanPart $part): string => $part->food->key, $parts);
        if (count(array_unique($keys)) < count($keys)) {
            throw InvalidEntry::because('parts', Finding::of('food.part_twice'));
        }
        if (count(array_unique($fasting)) === LocalDate::DAYS_PER_WEEK) {
            throw InvalidEntry::because('fasting', Finding::of('food.never_fed'));
        }
    }

    public function isFasting(LocalDate $date): bool
    {
        return in_array($date->monday()->daysUntil($date) + 1, $this->fasting, true);
    }

    /** What goes with the food that day; null: nothing. */
    public function medicineOn(LocalDate $date): ?string
    {
        return $this->medicineUntil !== null && $date->isAfter($this->medicineUntil) ? null : $this->medicine;
    }

    /**
     * For so much ration, as it is measured out.
     *
     * @param  float  $ration  grams of dry food by the book
     * @return list<Amount>
     */
    public function on(LocalDate $date, float $ration): array
    {
        if ($this->isFasting($date)) {
            return [];
        }
        $amounts = array_map(fn (PlanPart $part): Amount => Amount::toGive($part->food, $part->food->amountFor($part->share * $this->ofRation * $ration)), $this->parts);

        return array_values(array_filter($amounts, fn (Amount $amount): bool => $amount->isWorthGiving()));
    }

    /**
     * For one of the goes of a day, as it is measured out.
     *
     * @param  float  $ration  grams of dry food by the book, of the whole day
     * @return list<Amount>
     */
    public function atOnce(LocalDate $date, float $ration): array
    {
        return $this->on($date, $ration / $this->times);
    }

    /** Of a food, in its unit, on a usual day. */
    public function perDay(Food $food, float $ration): float
    {
        foreach ($this->parts as $part) {
            if ($part->food->key === $food->key) {
                return $food->amountFor($part->share * $this->meanOfRation() * $ration);
            }
        }

        return 0.0;
    }

    public function habit(): FeedingHabit
    {
        $protein = $price = 0.0;
        $isPriced = true;
        foreach ($this->parts as $part) {
            $protein += $part->share * $part->food->proteinOfDryFood();
            $price += $part->share * ($part->food->pricePerDryKg() ?? 0.0);
            $isPriced = $isPriced && $part->food->pricePerDryKg() !== null;
        }

        return new FeedingHabit($this->meanOfRation(), $protein, $isPriced ? $price : null);
    }

    /** Over a week, with its days of fasting. */
    private function meanOfRation(): float
    {
        return $this->ofRation * (LocalDate::DAYS_PER_WEEK - count(array_unique($this->fasting))) / LocalDate::DAYS_PER_WEEK;
    }
}
