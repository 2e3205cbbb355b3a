<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Facility\Diet;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Food\FeedingPlan;
use Biomegas\Food\PlanPart;
use Biomegas\Food\UnfitFood;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class UnfitFoodTest extends TestCase
{
    public function test_a_plan_is_held_against_who_eats_it(): void
    {
        $hunter = $this->fish('pike', Diet::Meat);
        $grazer = $this->fish('cow', Diet::Grazer);
        $of = fn (FeedingPlan $plan, Fish ...$fish): array => array_column(UnfitFood::of($plan, array_values($fish), new Rulebook), 'code');
        $pellets = new FeedingPlan([new PlanPart(Store::pellets(), 1.0)]);
        $this->assertSame([], $of($pellets, $hunter, $grazer), 'one takes it');
        $this->assertSame(['food.nobody_takes'], $of($pellets, $grazer));
        $this->assertSame(['food.forbidden'], $of(new FeedingPlan([new PlanPart(Store::liveFish(), 1.0)]), $hunter));
    }

    private function fish(string $key, Diet $diet): Fish
    {
        return Example::fish(Example::of(habits: new Habits(diet: $diet)), 'home', [], key: $key);
    }
}
