<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Background;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Stay;
use Biomegas\Planning\Plan\CostMonth;
use Biomegas\Planning\Plan\CostYear;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\PlanChange;
use Biomegas\Planning\Supposing\Fewer;
use Biomegas\Planning\Supposing\GrowsLarge;
use Biomegas\Planning\Supposing\KeptAt;
use Biomegas\Planning\Supposing\OneMore;
use Biomegas\Planning\Supposing\ReadyLater;
use Biomegas\Planning\Supposing\Rehomed;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class PlanChangeTest extends TestCase
{
    public function test_a_move_by_hand_says_whom_it_helps_and_whom_it_harms(): void
    {
        $plans = new Plans($this->facility());
        $nothing = new Decision([], [], LocalDate::fromIso('2029-03-01'));
        $moved = $nothing->movingInstead('one', [new DecidedMove('one', 'small', 'large', LocalDate::fromIso('2027-04-01'))]);
        $before = $plans->planner->describe($nothing);
        $after = $plans->planner->describe($moved);
        $better = implode(' ', array_map(Said::of(...), (new PlanChange($before, $after))->findings()));
        $this->assertStringContainsString('It keeps the rules longer for One', $better);
        $this->assertStringContainsString(number_format($before->daysOutOfRule() - $after->daysOutOfRule()).' days fewer', $better);
        $this->assertStringContainsString('One move more.', $better);
        $worse = implode(' ', array_map(Said::of(...), (new PlanChange($after, $before))->findings()));
        $this->assertStringContainsString('It puts One out of rule', $worse);
        $this->assertStringContainsString('One in Small from', $worse);
        $this->assertSame(['It makes no difference to any rule.'], array_map(Said::of(...), (new PlanChange($after, $after))->findings()));
    }

    public function test_the_moves_of_one_fish_are_replaced_and_those_of_others_stay(): void
    {
        $move = fn (string $fish, string $on): DecidedMove => new DecidedMove($fish, 'small', 'large', LocalDate::fromIso($on));
        $decision = new Decision([$move('one', '2027-04-01'), $move('two', '2027-05-01')], [], LocalDate::fromIso('2029-03-01'), 10.0, 9.0, 2);
        $changed = $decision->movingInstead('one', [$move('one', '2027-06-01')]);
        $this->assertSame([['two', '2027-05-01'], ['one', '2027-06-01']], array_map(fn (DecidedMove $move): array => [$move->fish, $move->on->toIso()], $changed->moves));
        $this->assertSame(0, $changed->leastMoves, 'what was proven holds no more');
    }

    public function test_costs_run_from_today_to_the_end_and_homes_are_paid_when_they_are_begun(): void
    {
        $plan = (new Plans(Example::facility([Example::tank('small', 120, 50)], array_values($this->facility()->fish))))->plan();
        $this->assertSame($plan->date->daysUntil($plan->decision->horizon), array_sum(array_map(fn (CostMonth $month): int => $month->days, $plan->costs)));
        $this->assertSame('2027-04-01', $plan->costs[1]->from->toIso());
        $this->assertEqualsWithDelta($plan->openings[0]->price, array_sum(array_map(fn (CostMonth $month): float => $month->openings, $plan->costs)), 1e-9);
        $this->assertSame([2027, 2028, 2029], array_map(fn (CostYear $year): int => $year->year, $plan->costsByYear()));
        $this->assertEqualsWithDelta($plan->costOfAll() - $plan->openings[0]->price, 2 * $plan->runningPerYear(), 0.01 * $plan->runningPerYear(), 'two years of running');
        $this->assertGreaterThan($plan->costs[1]->running->food, $plan->costs[20]->running->food, 'it eats more as it grows');
    }

    public function test_what_is_supposed_is_so_in_the_facility_that_is_thought_of_and_nowhere_else(): void
    {
        $facility = $this->facility();
        $kept = serialize($facility);
        $this->assertSame(27.0, (new KeptAt('large', 27.0))->applyTo($facility)->systems['large']->temperature?->warmest());
        $this->assertSame(['large', 'small'], $this->sorted(array_keys((new KeptAt('large', 27.0))->applyTo($facility)->systems)), 'it takes the place of the other');
        $this->assertSame(2, (new Fewer('one', 2))->applyTo($facility)->fish['one']->count);
        $known = Example::facility(array_values($facility->systems), [new Fish('one', 'One', Example::of(), $facility->date, [new Stay('small', $facility->date)], count: 12, sexes: new Sexes(males: 5, females: 7))]);
        $this->assertSame(4, (new Fewer('one', 4))->applyTo($known)->fish['one']->sexes()->there(), 'nobody says who is left');
        $this->assertSame([], (new Rehomed('one'))->applyTo($facility)->fish);
        $this->assertSame(600.0, (new GrowsLarge('one', 600.0))->applyTo($facility)->fish['one']->statedAdultMm);
        $later = LocalDate::fromIso('2027-09-01');
        $this->assertEquals($later, (new ReadyLater('large', $later))->applyTo($facility)->systems['large']->readyFrom($facility->date));
        $more = (new OneMore(Candidate::of(Example::of(), new Background, 3, 120.0, HealthSeen::Well, 0, null, false), 'large'))->applyTo($facility);
        $this->assertSame([3, 'large'], [$more->fish[OneMore::KEY]->count, $more->fish[OneMore::KEY]->currentSystem()]);
        $this->assertSame($kept, serialize($facility));
        $this->assertSame([true, false], [(new Fewer('one', 2))->isInHand(), (new ReadyLater('large', $later))->isInHand()]);
    }

    /** A fish that grows faster is never out of rule for less long. */
    public function test_one_that_grows_large_asks_for_more(): void
    {
        $days = fn (Facility $facility): int => (new Plans($facility))->planner->describe(new Decision([], [], LocalDate::fromIso('2029-03-01')))->daysOutOfRule();
        $this->assertGreaterThanOrEqual($days($this->facility()), $days((new GrowsLarge('one', 700.0))->applyTo($this->facility())));
    }

    private function facility(): Facility
    {
        return Example::facility([Example::tank('small', 120, 50), Example::tank('large', 400, 160, 80)], [Example::fish(Example::of(), 'small', ['2026-12-01' => 160.0, '2027-02-20' => 200.0])]);
    }

    /**
     * @param  list<string>  $keys
     * @return list<string>
     */
    private function sorted(array $keys): array
    {
        sort($keys);

        return $keys;
    }
}
