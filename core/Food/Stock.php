<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** How much of a food is left, and how long that lasts. */
final readonly class Stock
{
    /** Use is taken from what was fed, once it was fed on so many days. */
    private const LEAST_DAYS = 7;

    /** How far use strays from week to week at least, at most, and where nothing is known. Judgement. */
    private const LEAST_SPREAD = 0.1;

    private const MOST_SPREAD = 0.5;

    private const USUAL_SPREAD = 0.25;

    private function __construct(
        public Food $food,
        /** In its unit, never below nothing; null: it was neither bought nor counted. */
        public ?float $left,
        /** More was fed than there was, by so much: it wants counting. */
        public float $missing,
        /** In its unit, on a usual day. */
        public float $perDay,
        /** Null: it is not used, or nobody knows what is left. */
        public ?RunOut $runOut,
        /** When the present pack was opened; null: nobody said. */
        public ?LocalDate $opened,
        /** It is fed, and nobody wrote down what there was. */
        public bool $isUnknown,
        /** The day on which the opened pack should be gone; null: it does not matter. */
        public ?LocalDate $bestBefore,
    ) {
    }

    /**
     * @param  list<StockEntry>  $entries  by date, those of one day as they were written
     * @param  float  $planned  what the plans take of it on a usual day
     * @param  bool  $isBred  a culture gives it: nobody buys it
     */
    public static function of(Food $food, array $entries, FoodUse $use, float $planned, LocalDate $today, bool $isBred = false): self
    {
        $left = $opened = null;
        foreach ($entries as $entry) {
            $amount = (float) $entry->amount;
            match ($entry->kind) {
                StockEntryKind::Bought => $left = (float) $left + $amount,
                StockEntryKind::Discarded => $left = (float) $left - $amount,
                StockEntryKind::Counted => $left = $amount,
                StockEntryKind::Opened => $opened = $entry->date,
            };
        }
        $left = $left === null ? null : $left - $use->since;
        [$perDay, $spread] = self::use($use->lately, $planned, $today);
        $there = $left === null ? null : max(0.0, $left);

        return new self(
            $food, $there, max(0.0, -(float) $left), $perDay,
            $there === null || $perDay <= 0.0 ? null : RunOut::of($today, $there, $perDay, $spread),
            $opened, ! $isBred && $left === null && $use->isFed, $opened === null || $food->keepsDays === null ? null : $opened->plusDays($food->keepsDays),
        );
    }

    /**
     * The day after which what was fed counts: of the last count, in the evening, or the day before the first entry.
     *
     * @param  list<StockEntry>  $entries  by date
     */
    public static function knownSince(array $entries, LocalDate $today): LocalDate
    {
        $counts = array_filter($entries, fn (StockEntry $entry): bool => $entry->kind === StockEntryKind::Counted);

        return $counts === [] ? ($entries[0]->date ?? $today)->plusDays(-1) : $counts[array_key_last($counts)]->date;
    }

    /** Opened too long ago, or more fed than there was; null: nothing. */
    public function doubt(LocalDate $today): ?Finding
    {
        return match (true) {
            $this->isUnknown => Finding::of('food.never_bought', food: $this->food->name),
            $this->missing > 0.0 => Finding::of('food.miscounted', food: $this->food->name, missing: (new Amount($this->food, $this->missing))->finding()),
            $this->opened !== null && $this->bestBefore?->isBefore($today) === true => Finding::of('food.opened_long', food: $this->food->name, opened: $this->opened),
            default => null,
        };
    }

    /**
     * What is used on a day, and how far that strays.
     *
     * @param  array<string, float>  $lately  by day
     * @return array{float, float}
     */
    private static function use(array $lately, float $planned, LocalDate $today): array
    {
        if (count($lately) < self::LEAST_DAYS) {
            return [$planned, self::USUAL_SPREAD];
        }
        $first = LocalDate::fromIso(min(array_keys($lately)));
        $weeks = [];
        foreach ($lately as $day => $used) {
            $week = intdiv($first->daysUntil(LocalDate::fromIso($day)), LocalDate::DAYS_PER_WEEK);
            $weeks[$week] = ($weeks[$week] ?? 0.0) + $used;
        }
        $perDay = array_sum($lately) / $first->daysUntil($today);

        // The last week is not over.
        array_pop($weeks);

        return [$perDay, count($weeks) < 2 ? self::USUAL_SPREAD : max(self::LEAST_SPREAD, min(self::MOST_SPREAD, self::relativeSpread(array_values($weeks))))];
    }

    /** @param  list<float>  $sums  of whole weeks */
    private static function relativeSpread(array $sums): float
    {
        $mean = array_sum($sums) / max(1, count($sums));
        $squares = array_sum(array_map(fn (float $sum): float => ($sum - $mean) ** 2, $sums));

        return $mean <= 0.0 ? 0.0 : sqrt($squares / max(1, count($sums) - 1)) / $mean;
    }
}
