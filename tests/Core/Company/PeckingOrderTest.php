<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Rank\Contest;
use Biomegas\Company\Rank\DavidScore;
use Biomegas\Company\Rank\PeckingOrder;
use Biomegas\Company\Rank\Standing;
use PHPUnit\Framework\TestCase;

final class PeckingOrderTest extends TestCase
{
    private const WINS = [[0, 5, 3, 2], [1, 0, 4, 3], [0, 2, 0, 6], [1, 0, 1, 0]];

    /** By hand from the definitions of David (1987) and de Vries, Stevens & Vervaecke (2006). */
    public function test_david_s_score_of_a_worked_matrix(): void
    {
        foreach ([3.1429, 0.9286, -0.8214, -3.2500] as $i => $score) {
            $this->assertEqualsWithDelta($score, DavidScore::of(self::WINS)[$i], 5e-5);
        }
        $this->assertEqualsWithDelta(0.0, array_sum(DavidScore::of(self::WINS)), 1e-12);
        $shares = array_map(fn (array $row, int $i): array => array_map(fn (int $won, int $j): float => $won + self::WINS[$j][$i] === 0 ? 0.0 : $won / ($won + self::WINS[$j][$i]), $row, array_keys($row)), self::WINS, array_keys(self::WINS));
        foreach ([4.0, 1.3333, -1.2381, -4.0952] as $i => $score) {
            $this->assertEqualsWithDelta($score, DavidScore::ofShares($shares)[$i], 5e-5, 'with plain shares');
        }
    }

    /** One win in one contest is a share of .75, which leaves .5 and -.5: second-order terms cancel. */
    public function test_one_win_counts_three_quarters(): void
    {
        $this->assertEqualsWithDelta([0.5 + 0.75 * 0.25 - 0.25 * 0.75 + 0.0, -0.5], [DavidScore::of([[0, 1], [0, 0]])[0], DavidScore::of([[0, 1], [0, 0]])[1]], 1e-12);
        $once = DavidScore::of([[0, 1, 0], [0, 0, 1], [0, 0, 0]])[0];
        $often = DavidScore::of([[0, 20, 0], [0, 0, 1], [0, 0, 0]])[0];
        $this->assertLessThan($often, $once);
    }

    public function test_the_boss_is_named_when_it_is_sure(): void
    {
        $order = PeckingOrder::of([...self::contests('Magpie', 'Rowan', 6), ...self::contests('Magpie', 'Reed', 4), ...self::contests('Rowan', 'Reed', 7), ...self::contests('Reed', 'Rowan', 1)]);
        $this->assertSame(['Magpie', 'Rowan', 'Reed'], array_map(fn (Standing $standing): string => $standing->key, $order->standings));
        $this->assertSame(['Magpie', 'Rowan', 18], [$order->boss, $order->second, $order->contests]);
        $this->assertGreaterThan(0.9, $order->standings[0]->first);
        $this->assertSame([10, 0], [$order->standings[0]->won, $order->standings[0]->lost]);
        $this->assertEqualsWithDelta(1.0, array_sum(array_map(fn (Standing $standing): float => $standing->first, $order->standings)), 1e-9);
    }

    public function test_too_few_or_too_even_name_nobody(): void
    {
        $this->assertNull(PeckingOrder::of(self::contests('Magpie', 'Rowan', 5))->boss);
        $this->assertNull(PeckingOrder::of([...self::contests('Magpie', 'Rowan', 5), ...self::contests('Rowan', 'Magpie', 4)])->boss);
        $this->assertSame([[], 0, null], [PeckingOrder::of([])->standings, PeckingOrder::of([])->contests, PeckingOrder::of([])->boss]);
        $two = PeckingOrder::of(self::contests('Magpie', 'Rowan', 8));
        $this->assertSame(['Magpie', 'Rowan'], [$two->boss, $two->second], 'of two the other is second');
    }

    public function test_the_same_log_gives_the_same_answer(): void
    {
        $contests = [...self::contests('a', 'b', 4), ...self::contests('b', 'c', 4), ...self::contests('c', 'a', 3)];
        $this->assertEquals(PeckingOrder::of($contests), PeckingOrder::of($contests));
        $this->assertNull(PeckingOrder::of($contests)->boss, 'each beats the next');
    }

    /** @return list<Contest> */
    private static function contests(string $winner, string $loser, int $times): array
    {
        return array_fill(0, $times, new Contest($winner, $loser, LocalDate::fromIso('2027-03-01')));
    }
}
