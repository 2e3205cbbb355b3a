<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CardinalTemperatures;
use Biomegas\Facility\Diet;
use Biomegas\Facility\Habits;
use Biomegas\Food\Refusal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** Two to four days after a move are normal; a gar in winter does not eat: common practice, no published source. */
final class RefusalTest extends TestCase
{
    private const TODAY = '2027-03-10';

    public function test_a_meal_that_was_eaten_ends_it(): void
    {
        $this->assertNull($this->refusal(Diet::Meat, ['2027-03-08' => false, '2027-03-09' => true]));
        $this->assertNull($this->refusal(Diet::Meat, []));
        $this->assertSame(2, $this->refusal(Diet::Meat, ['2027-03-07' => false, '2027-03-08' => true, '2027-03-09' => false])->days);
    }

    public function test_a_large_hunter_may_wait_longer_than_a_grazer(): void
    {
        $four = ['2027-03-07' => false, '2027-03-08' => false, '2027-03-09' => false, '2027-03-10' => false];
        $this->assertSame([7, false], [$this->refusal(Diet::Meat, $four)->patience, $this->refusal(Diet::Meat, $four)->isBeyondPatience()]);
        $this->assertSame([2, true], [$this->refusal(Diet::Grazer, $four)->patience, $this->refusal(Diet::Grazer, $four)->isBeyondPatience()]);
        $this->assertSame('food.refuses_long', $this->refusal(Diet::Omnivore, $four)->finding()->code);
    }

    public function test_days_after_a_move_are_normal(): void
    {
        $moved = $this->refusal(Diet::Grazer, ['2027-03-07' => false], '2027-03-07');
        $this->assertSame([4, false, 'food.refuses_moved'], [$moved->patience, $moved->isBeyondPatience(), $moved->finding()->code]);
        $this->assertTrue($this->refusal(Diet::Grazer, ['2027-03-04' => false], '2027-03-04')->isBeyondPatience());
    }

    public function test_nobody_eats_in_water_too_cold_for_growth(): void
    {
        $gar = $this->refusal(Diet::Meat, ['2027-01-10' => false], celsius: 4.0);
        $this->assertSame([false, 'food.refuses_cold'], [$gar->isBeyondPatience(), $gar->finding()->code]);
        $this->assertTrue($this->refusal(Diet::Meat, ['2027-01-10' => false], celsius: 20.0)->isBeyondPatience());
    }

    public function test_that_the_others_eat_says_nothing_of_one_that_was_seen_not_to(): void
    {
        $among = fn (array $own, array $shared, string $came = '2027-01-01'): ?int => Refusal::amongOthers(Example::of(), $own, $shared, LocalDate::fromIso($came), null, LocalDate::fromIso(self::TODAY))?->days;
        $this->assertSame(3, $among(['2027-03-08' => false], ['2027-03-09' => true]), 'all others ate');
        $this->assertNull($among(['2027-03-08' => false, '2027-03-09' => true], []), 'it was seen to eat');
        $this->assertSame(2, $among([], ['2027-03-09' => false, '2027-03-08' => true]), 'what all left, it left');
        $this->assertNull($among(['2027-03-10' => true], ['2027-03-09' => false]));
        $this->assertNull($among(['2027-03-08' => false], [], '2027-03-09'), 'in another home');
        $this->assertSame(1, $among(['2027-03-10' => false, '2027-03-07' => true, '2027-03-09' => true], []), 'in whatever order they were written down');
        $this->assertSame(3, $among(['2027-03-05' => true], ['2027-03-10' => false, '2027-03-08' => false, '2027-03-07' => true]), 'it ate last of all when the others did');
        $this->assertNull($among([], []), 'nobody wrote down anything');
    }

    /** @param  array<string, bool>  $meals */
    private function refusal(Diet $diet, array $meals, ?string $moved = null, ?float $celsius = null): ?Refusal
    {
        $species = Example::of(points: CardinalTemperatures::of('invented', 8, 26, 33, 24), habits: new Habits(diet: $diet));

        return Refusal::of($species, $meals, $moved === null ? null : LocalDate::fromIso($moved), $celsius, LocalDate::fromIso(self::TODAY));
    }
}
