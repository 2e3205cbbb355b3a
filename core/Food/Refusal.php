<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Diet;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;

/**
 * Days on which a fish left its food, against how long its kind may. Two to four
 * days after a move are normal, and in water too cold for growth nothing is
 * eaten: common practice, no published source. The days by size: judgement.
 */
final readonly class Refusal
{
    private const AFTER_A_MOVE = 4;

    /** A large hunter lives from one large meal to the next. */
    private const LARGE_MM = 400.0;

    private const LARGE_HUNTER = 7;

    private const USUAL = 3;

    /** A grazer eats all day or is ill. */
    private const GRAZER = 2;

    private function __construct(
        /** The first meal that it left. */
        public LocalDate $since,
        public int $days,
        /** How many days of it are no reason to worry. */
        public int $patience,
        public bool $isJustMoved,
        public bool $isCold,
    ) {
    }

    /**
     * @param  array<string, bool>  $meals  whether anything was eaten, by day that is written down, in order
     * @param  LocalDate|null  $moved  when it came into its home
     * @param  float|null  $celsius  of its water; null: not known
     * @return self|null null: it ate at the last meal, or none is written down
     */
    public static function of(Species $species, array $meals, ?LocalDate $moved, ?float $celsius, LocalDate $today): ?self
    {
        $since = null;
        foreach (array_reverse($meals, true) as $day => $hasEaten) {
            if ($hasEaten) {
                break;
            }
            $since = LocalDate::fromIso($day);
        }
        if ($since === null) {
            return null;
        }
        $patience = self::patience($species);
        $isJustMoved = $moved !== null && $moved->daysUntil($today) <= self::AFTER_A_MOVE;
        $points = $species->cardinalTemperatures;

        return new self(
            $since, $since->daysUntil($today) + 1, $isJustMoved ? max($patience, self::AFTER_A_MOVE) : $patience, $isJustMoved,
            $points !== null && $celsius !== null && $celsius <= $points->minimum,
        );
    }

    /**
     * Of one that eats with others. Once it was seen to leave its food, that the
     * others eat says nothing of it: it must be seen to eat.
     *
     * @param  array<string, bool>  $own  whether it was seen to eat, by day, in any order
     * @param  array<string, bool>  $shared  whether anything was eaten at its table, by day, in any order
     * @param  LocalDate  $came  into its home: what was before does not count
     */
    public static function amongOthers(Species $species, array $own, array $shared, LocalDate $came, ?float $celsius, LocalDate $today): ?self
    {
        foreach ([$own, [...$shared, ...$own]] as $days) {
            $refusal = self::hasEatenLast($days) ? null : self::of($species, self::since($came, $days), $came, $celsius, $today);
            if ($refusal !== null) {
                return $refusal;
            }
        }

        return null;
    }

    /**
     * As of most: then there is no need to go back through the days.
     *
     * @param  array<string, bool>  $days
     */
    private static function hasEatenLast(array $days): bool
    {
        return $days === [] || $days[max(array_keys($days))];
    }

    /**
     * @param  array<string, bool>  $days
     * @return array<string, bool> in order
     */
    private static function since(LocalDate $came, array $days): array
    {
        ksort($days);
        $first = $came->toIso();

        return array_filter($days, fn (string $day): bool => $day >= $first, ARRAY_FILTER_USE_KEY);
    }

    /** Longer than its kind bears without being looked at. */
    public function isBeyondPatience(): bool
    {
        return ! $this->isCold && $this->days > $this->patience;
    }

    public function finding(): Finding
    {
        return match (true) {
            $this->isCold => Finding::of('food.refuses_cold', since: $this->since),
            $this->isBeyondPatience() => Finding::of('food.refuses_long', days: $this->days, patience: $this->patience),
            $this->isJustMoved => Finding::of('food.refuses_moved', days: $this->days, patience: $this->patience),
            default => Finding::of('food.refuses', days: $this->days, patience: $this->patience),
        };
    }

    private static function patience(Species $species): int
    {
        return match (true) {
            $species->habits->diet === Diet::Grazer => self::GRAZER,
            $species->habits->diet === Diet::Meat && $species->adultLength->typical >= self::LARGE_MM => self::LARGE_HUNTER,
            default => self::USUAL,
        };
    }
}
