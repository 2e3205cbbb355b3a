<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\Decision;

/** Moves as a keeper drew them in the lanes, in place of those of a plan. */
final readonly class TriedMoves
{
    /**
     * @param  list<array{fish_id: int, moves: list<array{key: string, on: string}>}>  $fish
     *
     * @throws InvalidEntry on the move that cannot be
     */
    public static function in(Decision $decision, array $fish, Facility $facility): Decision
    {
        foreach ($fish as $i => $one) {
            $key = Keys::ofFish($one['fish_id']);
            if (! isset($facility->fish[$key])) {
                throw InvalidEntry::because("fish.{$i}.fish_id", Finding::of('entry.no_such_fish'));
            }
            $decision = $decision->movingInstead($key, self::moves($one['moves'], $key, $i, $decision, $facility));
        }

        return $decision;
    }

    /**
     * @param  list<array{key: string, on: string}>  $rows
     * @return list<DecidedMove> by day; one to where it is already is none
     */
    private static function moves(array $rows, string $fish, int $at, Decision $decision, Facility $facility): array
    {
        $homes = [...$facility->systems, ...array_column($decision->built, null, 'key')];
        usort($rows, fn (array $a, array $b): int => $a['on'] <=> $b['on']);
        $from = $facility->fish[$fish]->currentSystem();
        $moves = [];
        foreach ($rows as $i => $row) {
            $home = $homes[$row['key']] ?? throw InvalidEntry::because("fish.{$at}.moves.{$i}.key", Finding::of('entry.no_such_home'));
            $on = LocalDate::later(LocalDate::fromIso($row['on']), $facility->date);
            $ready = $home->readyFrom($facility->date);
            if ($ready !== null && $on->isBefore($ready)) {
                throw InvalidEntry::because("fish.{$at}.moves.{$i}.on", Finding::of('entry.home_not_ready', system: $home->name, ready: $ready));
            }
            if ($home->key !== $from && $on->isBefore($decision->horizon)) {
                $moves[] = new DecidedMove($fish, $from, $home->key, $on);
                $from = $home->key;
            }
        }

        return $moves;
    }
}
