<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Food\FeedingPlan;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\PlanPart;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class FeedingTableTest extends TestCase
{
    private const MONDAY = '2027-03-01';

    public function test_what_to_give_is_said_by_the_plan_or_by_the_book(): void
    {
        $plan = new FeedingPlan([new PlanPart(Store::pellets(), 1.0)], times: 2, fasting: [2]);
        $says = fn (?FeedingPlan $by, float $ration, int $day = 0): array => [$this->table($by, $ration)->finding($this->day($day))->code, $this->table($by, $ration)->isFed($this->day($day))];
        $this->assertSame(['food.dry', true], $says(null, 4.0));
        $this->assertSame(['food.nothing', false], $says(null, 0.4), 'too little to weigh');
        $this->assertSame(['food.give', true], $says($plan, 4.0));
        $this->assertSame(['food.nothing', false], $says($plan, 0.8), 'in two goes too little to weigh');
        $this->assertSame(['food.fasting', false], $says($plan, 4.0, 1));
        $this->assertEqualsWithDelta(2.0, $this->table($plan, 4.0)->amounts($this->day(0))[0]->amount, 1e-9, 'one go of two');
    }

    public function test_one_without_a_plan_of_its_own_eats_with_the_others(): void
    {
        $plan = new FeedingPlan([new PlanPart(Store::pellets(), 1.0)]);
        $this->assertSame([true, false, false], [$this->table(null, 4.0, true)->isSharing(), $this->table($plan, 4.0, true)->isSharing(), $this->table(null, 4.0)->isSharing()]);
    }

    private function table(?FeedingPlan $plan, float $ration, bool $isAlone = false): FeedingTable
    {
        return new FeedingTable(Example::tank('home', 100, 50), [Example::fish(Example::of(), 'home', [])], $isAlone, $plan, $ration);
    }

    private function day(int $after): LocalDate
    {
        return LocalDate::fromIso(self::MONDAY)->plusDays($after);
    }
}
