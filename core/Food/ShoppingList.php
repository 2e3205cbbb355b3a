<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;

/** What to buy over the weeks to come, by date. */
final readonly class ShoppingList
{
    /** From the order to the shelf, days. Judgement, no published source. */
    private const LEAD_DAYS = 5;

    /** What is bought lasts so long, unless it would not keep. */
    private const SUPPLY_DAYS = 60;

    /** How far the list looks ahead. */
    private const AHEAD_DAYS = 45;

    /**
     * @param  list<Stock>  $stocks
     * @return list<Purchase> the first to buy first
     */
    public static function of(array $stocks, LocalDate $today): array
    {
        $list = array_values(array_filter(array_map(fn (Stock $stock): ?Purchase => self::purchase($stock, $today), $stocks)));
        usort($list, fn (Purchase $a, Purchase $b): int => $b->by->daysUntil($a->by) ?: strcmp($a->food->name, $b->food->name));

        return $list;
    }

    private static function purchase(Stock $stock, LocalDate $today): ?Purchase
    {
        if ($stock->perDay <= 0.0) {
            return null;
        }
        // Nobody knows what is left of it, and it is fed: as if nothing were.
        $by = LocalDate::later($today, ($stock->runOut->early ?? $today)->plusDays(-self::LEAD_DAYS));
        if ($today->daysUntil($by) > self::AHEAD_DAYS) {
            return null;
        }
        $food = $stock->food;
        $wanted = $stock->perDay * min(self::SUPPLY_DAYS, $food->keepsDays ?? self::SUPPLY_DAYS);
        if ($food->pack === null) {
            return new Purchase($food, $by, ceil($wanted), null, null);
        }
        $packs = (int) ceil($wanted / $food->pack);

        return new Purchase($food, $by, $packs * $food->pack, $packs, $food->price === null ? null : $packs * $food->price);
    }
}
