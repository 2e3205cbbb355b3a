<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Habits;
use Biomegas\Facility\Species;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\WorkingDays;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** Common practice, no published source: what is freed is left first, fighters come one a day, nobody moves more than four. */
final class WorkingDaysTest extends TestCase
{
    public function test_a_home_is_left_before_it_is_filled(): void
    {
        $moves = $this->dated([['a', 'one', 'two'], ['b', 'two', 'three'], ['c', 'three', 'four']]);
        $this->assertSame(['c', 'b', 'a'], array_map(fn (DecidedMove $move): string => $move->fish, $moves));
        $this->assertSame([false, false, false], array_map(fn (DecidedMove $move): bool => $move->waitsInTub, $moves));
    }

    public function test_of_two_that_change_places_one_waits_in_a_tub(): void
    {
        $moves = $this->dated([['a', 'one', 'two'], ['b', 'two', 'one'], ['c', 'two', 'three']]);
        $this->assertSame(1, count(array_filter($moves, fn (DecidedMove $move): bool => $move->waitsInTub)));
        $this->assertCount(3, $moves);
        $this->assertSame('c', $moves[0]->fish, 'whoever is free to go goes first');
    }

    public function test_fighters_come_into_a_home_one_a_day_and_no_day_has_more_than_four(): void
    {
        $fighters = $this->dated([['a', 'one', 'six'], ['b', 'two', 'six'], ['c', 'three', 'seven']], Example::of(habits: new Habits(5)));
        $this->assertSame(['2027-03-01', '2027-03-02', '2027-03-02'], array_map(fn (DecidedMove $move): string => $move->on->toIso(), $fighters));
        $calm = $this->dated(array_map(fn (string $fish): array => [$fish, 'one', 'two'], ['a', 'b', 'c', 'd', 'e']));
        $this->assertSame(['2027-03-01' => 4, '2027-03-02' => 1], array_count_values(array_map(fn (DecidedMove $move): string => $move->on->toIso(), $calm)));
    }

    /**
     * @param  list<array{string, string, string}>  $moves  fish, from, to
     * @return list<DecidedMove>
     */
    private function dated(array $moves, ?Species $species = null): array
    {
        $names = array_values(array_unique(array_merge(array_column($moves, 1), array_column($moves, 2))));
        $lodgers = (new Plans(Example::facility(
            array_map(fn (string $name) => Example::tank($name, 200, 80), $names),
            array_map(fn (array $move) => Example::fish($species ?? Example::of(), $move[1], ['2027-02-01' => 150.0], key: $move[0]), $moves),
        )))->lodgers;

        return WorkingDays::of(array_map(fn (array $move): array => [$lodgers[$move[0]], $move[1], $move[2], LocalDate::fromIso('2027-03-01')], $moves));
    }
}
