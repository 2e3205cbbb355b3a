<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Food\Amount;
use Biomegas\Food\FeedingPlan;
use Biomegas\Food\PlanPart;
use PHPUnit\Framework\TestCase;

final class FeedingPlanTest extends TestCase
{
    private const MONDAY = '2027-03-01';

    public function test_the_ration_is_shared_out_among_the_foods(): void
    {
        $plan = new FeedingPlan([new PlanPart(Store::pellets(), 0.75), new PlanPart(Store::worms(), 0.25)], 1.2, 2);
        $given = array_map(fn (Amount $amount): float => round($amount->amount, 6), $plan->on(LocalDate::fromIso(self::MONDAY), 10.0));
        // 12 g: 9 of pellets; 3 g of dry food are 15 worms.
        $this->assertSame([9.0, 15.0], $given);
        $this->assertSame([4.5, 8.0], array_map(fn (Amount $amount): float => round($amount->amount, 6), $plan->atOnce(LocalDate::fromIso(self::MONDAY), 10.0)), 'half of it in one of two goes, worms whole');
        $this->assertEqualsWithDelta(15.0, $plan->perDay(Store::worms(), 10.0), 1e-9);
        $this->assertSame(0.0, $plan->perDay(Store::liveFish(), 10.0));
    }

    public function test_days_of_fasting_are_not_made_up_for(): void
    {
        $plan = new FeedingPlan([new PlanPart(Store::pellets(), 1.0)], fasting: [3, 7]);
        $monday = LocalDate::fromIso(self::MONDAY);
        $this->assertSame([false, true, true], [$plan->isFasting($monday), $plan->isFasting($monday->plusDays(2)), $plan->isFasting($monday->plusDays(6))]);
        $this->assertSame([], $plan->on($monday->plusDays(2), 10.0));
        $this->assertEqualsWithDelta(5 / 7, $plan->habit()->ofRation, 1e-9);
        $this->assertEqualsWithDelta(50 / 7, $plan->perDay(Store::pellets(), 10.0), 1e-9);
    }

    public function test_protein_and_price_are_those_of_the_mix(): void
    {
        $mix = (new FeedingPlan([new PlanPart(Store::pellets(), 0.5), new PlanPart(Store::worms(), 0.5)]))->habit();
        $this->assertEqualsWithDelta((0.46 + 0.6) / 2, $mix->protein, 1e-9);
        $this->assertNull($mix->pricePerKg, 'worms have no price');
        $this->assertEqualsWithDelta(10.0, (new FeedingPlan([new PlanPart(Store::pellets(), 1.0)]))->habit()->pricePerKg, 1e-9);
    }

    public function test_medicine_ends(): void
    {
        $plan = new FeedingPlan([new PlanPart(Store::pellets(), 1.0)], medicine: 'wormer', medicineUntil: LocalDate::fromIso(self::MONDAY));
        $this->assertSame('wormer', $plan->medicineOn(LocalDate::fromIso(self::MONDAY)));
        $this->assertNull($plan->medicineOn(LocalDate::fromIso('2027-03-02')));
    }

    public function test_what_is_no_plan_names_the_field(): void
    {
        $half = new PlanPart(Store::pellets(), 0.5);
        $field = function (callable $make): string {
            try {
                $make();
            } catch (InvalidEntry $refusal) {
                return $refusal->field;
            }

            return '';
        };
        $this->assertSame('parts', $field(fn () => new FeedingPlan([$half])), 'no whole');
        $this->assertSame('parts', $field(fn () => new FeedingPlan([$half, $half])), 'twice the same');
        $this->assertSame('fasting', $field(fn () => new FeedingPlan([new PlanPart(Store::pellets(), 1.0)], fasting: [1, 2, 3, 4, 5, 6, 7])));
        $this->assertSame('', $field(fn () => new FeedingPlan([$half, new PlanPart(Store::worms(), 0.49)])), 'typed shares are rounded');
    }
}
