<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;

/**
 * Spreads moves over days on which they can be done, in an order in which they
 * can be done: a home is freed before it is filled, giants and fighters come
 * into a home one a day, and nobody moves more than a few. Common practice, no
 * published source.
 */
final class WorkingDays
{
    private const MOST_A_DAY = 4;

    private const GIANT_MM = 500.0;

    private const FIGHTER = 4;

    /** @var array<string, int> moves by day */
    private array $busy = [];

    /** @var array<string, true> by day and system: a giant comes */
    private array $giants = [];

    /**
     * @param  list<array{Lodger, string, string, LocalDate}>  $moves  who, from where, to where, wished for
     * @return list<DecidedMove> by day, in working order
     */
    public static function of(array $moves): array
    {
        $byDay = [];
        foreach ($moves as $move) {
            $byDay[$move[3]->toIso()][] = $move;
        }
        ksort($byDay);
        $days = new self;
        $dated = [];
        foreach ($byDay as $together) {
            array_push($dated, ...$days->spread($together));
        }

        return $dated;
    }

    /**
     * @param  list<array{Lodger, string, string, LocalDate}>  $moves  wished for on one day
     * @return list<DecidedMove>
     */
    private function spread(array $moves): array
    {
        $dated = [];
        $notBefore = $moves[0][3];
        while ($moves !== []) {
            $i = self::next($moves);
            $isThroughTub = $i === null;
            $move = $moves[$i ??= self::smallest($moves)];
            array_splice($moves, $i, 1);
            $day = $this->dayFor($move[0], $move[2], $notBefore);
            $dated[] = new DecidedMove($move[0]->fish->key, $move[1], $move[2], $day, $isThroughTub);
            $notBefore = $day;
        }

        return $dated;
    }

    /**
     * @param  non-empty-list<array{Lodger, string, string, LocalDate}>  $moves
     * @return int|null one into a home that nobody else of them still has to leave; null: they go round in a ring
     */
    private static function next(array $moves): ?int
    {
        $leaving = array_column($moves, 1);
        foreach ($moves as $i => $move) {
            if (! in_array($move[2], $leaving, true)) {
                return $i;
            }
        }

        return null;
    }

    /** @param  non-empty-list<array{Lodger, string, string, LocalDate}>  $moves */
    private static function smallest(array $moves): int
    {
        $lengths = array_map(fn (array $move): float => $move[0]->occupantOn($move[3])->longest(), $moves);

        return (int) array_search(min($lengths), $lengths, true);
    }

    private function dayFor(Lodger $lodger, string $to, LocalDate $day): LocalDate
    {
        $occupant = $lodger->occupantOn($day);
        $isGiant = $occupant->longest() >= self::GIANT_MM || $occupant->temperament() >= self::FIGHTER;
        while (($this->busy[$day->toIso()] ?? 0) >= self::MOST_A_DAY || ($isGiant && isset($this->giants["{$day->toIso()} {$to}"]))) {
            $day = $day->plusDays(1);
        }
        $this->busy[$day->toIso()] = ($this->busy[$day->toIso()] ?? 0) + 1;
        if ($isGiant) {
            $this->giants["{$day->toIso()} {$to}"] = true;
        }

        return $day;
    }
}
