<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Rank\Contest;
use Biomegas\Company\Rank\Elo;
use PHPUnit\Framework\TestCase;

/** From the definition: Elo (1978); as used for animals by Albers and de Vries (2001), who start at 1000 with k = 100. */
final class EloTest extends TestCase
{
    public function test_what_is_expected_of_a_difference(): void
    {
        $this->assertSame(0.5, Elo::expected(1000.0, 1000.0));
        $this->assertEqualsWithDelta(10 / 11, Elo::expected(1400.0, 1000.0), 1e-12, 'ten to one at 400');
        $this->assertEqualsWithDelta(1.0, Elo::expected(1130.0, 990.0) + Elo::expected(990.0, 1130.0), 1e-12);
    }

    public function test_a_win_moves_by_how_surprising_it_was(): void
    {
        $days = Elo::history([self::won('a', 'b', 1), self::won('a', 'b', 2), self::won('b', 'a', 3)], []);
        $this->assertSame(['a' => 1050.0, 'b' => 950.0], $days[0]->ratings);
        $second = 100 * (1 - 1 / (1 + 10 ** (-100 / 400)));
        $this->assertEqualsWithDelta(1050 + $second, $days[1]->ratings['a'], 1e-9);
        $this->assertGreaterThan(60, $days[2]->ratings['b'] - $days[1]->ratings['b'], 'the weaker one wins');
        $this->assertEqualsWithDelta(2000.0, array_sum($days[2]->ratings), 1e-9);
    }

    public function test_newcomers_and_those_that_return_begin_at_the_mean(): void
    {
        $entries = [['a', self::day(0)], ['b', self::day(0)], ['a', self::day(5)]];
        $days = Elo::history([self::won('a', 'b', 1), self::won('c', 'b', 6)], $entries);
        $this->assertSame(1050.0, $days[1]->ratings['a']);
        $this->assertSame(950.0, $days[2]->ratings['a'], 'back as a newcomer among one of 950');
        $this->assertEqualsWithDelta(1000.0, $days[3]->ratings['c'], 1e-9, 'began at 950 like the others');
    }

    private static function won(string $winner, string $loser, int $day): Contest
    {
        return new Contest($winner, $loser, self::day($day));
    }

    private static function day(int $day): LocalDate
    {
        return LocalDate::fromIso('2027-03-01')->plusDays($day);
    }
}
