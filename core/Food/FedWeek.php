<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;

/** What was fed at one table in a week, on the days that are written down; all as grams of dry food. */
final readonly class FedWeek
{
    public function __construct(
        public LocalDate $monday,
        /** That are written down, also those on which nothing was fed. */
        public int $days,
        /** By the book, on these days. */
        public float $ration,
        public float $given,
        public float $eaten,
        /** That was given. */
        public float $protein,
        /** In the facility's money; null: not known of all of it. */
        public ?float $cost,
    ) {
    }

    /**
     * Days on which the plan lets them fast are written down by the plan.
     *
     * @param  list<Meal>  $meals
     * @param  array<string, float>  $rations  by the book, by day that is written down
     * @param  list<int>  $fasting  ISO weekdays
     */
    public static function of(LocalDate $monday, array $meals, array $rations, array $fasting = []): self
    {
        foreach ($rations === [] ? [] : $fasting as $weekday) {
            $rations[$monday->plusDays($weekday - 1)->toIso()] ??= array_sum($rations) / count($rations);
        }
        $sum = fn (callable $of): float => array_sum(array_map($of, $meals));
        $isPriced = array_filter($meals, fn (Meal $meal): bool => $meal->cost === null) === [];

        return new self(
            $monday, count($rations), array_sum($rations),
            $sum(fn (Meal $meal): float => $meal->given),
            $sum(fn (Meal $meal): float => $meal->eaten()),
            $sum(fn (Meal $meal): float => $meal->given * $meal->protein),
            $isPriced ? $sum(fn (Meal $meal): float => (float) $meal->cost) : null,
        );
    }

    /** Of the same week, where some in a home are fed apart. */
    public function and(self $other): self
    {
        return new self(
            $this->monday, max($this->days, $other->days), $this->ration + $other->ration, $this->given + $other->given, $this->eaten + $other->eaten,
            $this->protein + $other->protein, $this->cost === null || $other->cost === null ? null : $this->cost + $other->cost,
        );
    }

    /** Of the ration by the book; 0 where that is nothing. */
    public function ofRation(float $grams): float
    {
        return $this->ration > 0.0 ? $grams / $this->ration : 0.0;
    }
}
