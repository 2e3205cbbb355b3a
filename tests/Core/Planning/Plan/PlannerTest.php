<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Opening;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Span;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Placement\PlanCost;
use Biomegas\Placement\Problem;
use Biomegas\Planning\Plan\Aim;
use Biomegas\Planning\Plan\Periods;
use Biomegas\Planning\Plan\PlacementAdapter;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Plan\PlannedStay;
use Biomegas\Planning\Plan\PlanVerdict;
use Biomegas\Planning\Plan\Question;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class PlannerTest extends TestCase
{
    public function test_whoever_outgrows_its_home_moves_before_that_to_one_that_holds_it(): void
    {
        $plan = (new Plans($this->facility([Example::tank('small', 120, 50), Example::tank('large', 400, 160, 80)])))->plan();
        $this->assertCount(1, $plan->moves);
        [$move] = $plan->moves;
        $this->assertSame(['small', 'large'], [$move->from->key, $move->to->key]);
        $this->assertNotNull($move->window[0]);
        $this->assertFalse($move->on->isAfter($move->window[0]));
        $this->assertStringContainsString('Large holds it for life.', implode(' ', array_map(Said::of(...), $move->reasons)));
        $this->assertSame([], $plan->breaches);
        $this->assertSame(1, $plan->decision->leastMoves);
        $this->assertStringContainsString('the only move', Said::of((new PlanVerdict($plan, 400, true))->findings()[0]));
    }

    public function test_before_a_move_to_a_pond_its_seasons_are_asked_for_unless_they_are_written_down(): void
    {
        $pond = new System('pond', 'Yard pond', SystemKind::Pond, [new Pool('pond', Box::inside(4000, 2500, 1200))]);
        $fish = Example::fish(Example::of(keep: new Span(20.0, 30.0)), 'small', ['2026-12-01' => 160.0, '2027-02-20' => 200.0]);
        $first = function (System $pond) use ($fish): array {
            $plan = (new Plans(Example::facility([Example::tank('small', 120, 50), $pond], [$fish])))->plan();
            $this->assertSame('pond', $plan->moves[0]->to->key);

            return array_map(fn (array $step): string => Said::of($step[0]), $plan->moves[0]->prepare);
        };

        $asked = 'Write down how warm Yard pond is over the year: One wants 20 to 30 °C.';
        $this->assertContains($asked, $first($pond));
        $this->assertNotContains($asked, $first($pond->keptAt(WaterTemperature::heldAt(25.0))));
    }

    public function test_while_nobody_has_to_move_nobody_does(): void
    {
        $plan = (new Plans($this->facility([Example::tank('large', 400, 160, 80), Example::tank('other', 400, 160, 80)], 'large')))->plan();
        $this->assertSame([[], [], 0.0], [$plan->moves, $plan->breaches, $plan->decision->objective]);
        $this->assertNotSame([], $plan->decision->staying);
        $this->assertSame(['Everybody can stay where they are until 28 February 2029.'], array_map(Said::of(...), (new PlanVerdict($plan, 0, true))->findings()), 'who else stays is not counted where all do');
    }

    public function test_where_no_system_does_a_home_is_proposed_unless_none_may_be(): void
    {
        $plans = new Plans($this->facility([Example::tank('small', 120, 50)]));
        $plan = $plans->plan();
        $this->assertCount(1, $plan->openings);
        [$opening] = $plan->openings;
        $this->assertGreaterThan(0.0, $opening->price);
        $this->assertGreaterThanOrEqual(60, $opening->latestStart->daysUntil($opening->by));
        $this->assertFalse($opening->latestStart->isBefore($plans->facility->date), 'it is not begun in the past');
        $this->assertNotSame([], $plan->moves[0]->prepare);
        $without = $plans->plan(new Question(mayBuild: false));
        $this->assertSame([], $without->openings);
        $this->assertNotSame([], $without->breaches, 'what stays out of rule is named');
        $this->assertGreaterThan($plan->daysOutOfRule(), $without->daysOutOfRule());
    }

    public function test_a_system_still_to_be_opened_is_ready_after_its_lead_time(): void
    {
        $large = new System('large', 'Large', SystemKind::Tank, [new Pool('large', Box::inside(4000, 1600, 800))], availableFrom: LocalDate::fromIso('2027-04-01'), opening: new Opening(500.0, 90));
        $plan = (new Plans($this->facility([Example::tank('small', 120, 50), $large])))->plan(new Question(mayBuild: false));
        $this->assertFalse($plan->moves[0]->on->isBefore(LocalDate::fromIso('2027-05-30')));
        $this->assertSame(500.0, $plan->openings[0]->price);
    }

    public function test_locks_and_what_is_planned_are_kept(): void
    {
        $plans = new Plans($this->facility([Example::tank('small', 120, 50), Example::tank('large', 400, 160, 80), Example::tank('other', 400, 160, 80)]));
        $stays = new PlannedStay('one', 'small', LocalDate::fromIso('2027-03-01'), null);
        $this->assertSame([], $plans->plan(new Question(fixed: [$stays]))->moves);
        $goes = [new PlannedStay('one', 'small', LocalDate::fromIso('2027-03-01'), LocalDate::fromIso('2027-03-15')), new PlannedStay('one', 'other', LocalDate::fromIso('2027-03-15'), LocalDate::fromIso('2027-05-01'))];
        $plan = $plans->plan(new Question(fixed: $goes));
        $this->assertSame([['other', '2027-03-15']], array_map(fn (PlanMove $move): array => [$move->to->key, $move->on->toIso()], $plan->moves));
        $this->assertSame('It is written down already.', Said::of($plan->moves[0]->reasons[0]));
    }

    public function test_a_tender_fish_is_in_the_pond_for_the_warm_months_alone(): void
    {
        $problem = $this->problem(Example::facility([Example::tank('home', 400, 160, 80, 25), Example::pond('pond')], [Example::fish(Example::of(keep: new Span(14, 28)), 'home', ['2027-02-20' => 150.0])]));
        $periods = Periods::of(LocalDate::fromIso('2027-03-01'), 730);
        $pond = array_slice($problem->strain[0], $periods->count());
        foreach ($pond as $t => $strain) {
            $isWarm = array_diff($periods->months($t), [5, 6, 7, 8, 9]) === [];
            $this->assertSame($isWarm, $strain !== null, $periods->start($t)->toIso());
        }
    }

    /** Wherever it may be at all, it costs what it is out of rule there: no more systems, no cheaper rules make a plan dearer. */
    public function test_another_system_never_makes_a_plan_dearer_and_a_stricter_rule_never_cheaper(): void
    {
        $systems = [Example::tank('small', 120, 50), Example::tank('middle', 200, 70)];
        $few = (new Plans($this->facility($systems)))->decide(new Question(mayBuild: false));
        $more = (new Plans($this->facility([...$systems, Example::tank('large', 400, 160, 80)])))->decide(new Question(mayBuild: false));
        $this->assertLessThanOrEqual($few->objective + 1e-6, $more->objective);
        $strict = (new Plans($this->facility([Example::tank('small', 110, 45), Example::tank('middle', 180, 60)])))->decide(new Question(mayBuild: false));
        $this->assertGreaterThanOrEqual($few->objective - 1e-6, $strict->objective);
    }

    public function test_what_matters_shows(): void
    {
        $plans = new Plans($this->facility([Example::tank('small', 120, 50), Example::tank('large', 400, 160, 80)]));
        $day = fn (Aim $aim): string => $plans->plan(new Question($aim))->moves[0]->on->toIso();
        $this->assertLessThanOrEqual($day(Aim::FewestMoves), $day(Aim::SoonestDone));
        $this->assertLessThanOrEqual($day(Aim::FewestMoves), $day(Aim::MostRoom));
    }

    /** Tried against every way through: two fish, three homes, the first eight weeks. */
    public function test_no_way_through_is_cheaper(): void
    {
        $facility = Example::facility(
            [Example::tank('small', 120, 50), Example::tank('middle', 180, 60), Example::tank('large', 300, 120, 80)],
            [Example::fish(Example::of(), 'small', ['2027-02-20' => 180.0], key: 'one'), Example::fish(Example::of(), 'middle', ['2027-02-20' => 320.0], key: 'two')],
            horizonDays: 56,
        );
        $problem = $this->problem($facility, 56);
        $best = INF;
        foreach ($this->paths($problem, 0) as $one) {
            foreach ($this->paths($problem, 1) as $two) {
                $best = min($best, PlanCost::of($problem, [$one, $two]));
            }
        }
        $decision = (new Plans($facility))->decide(new Question(days: 56, mayBuild: false));
        $this->assertLessThanOrEqual($best * 1.01 + 1e-6, $decision->objective, 'within the slack that ends the search');
        $this->assertLessThanOrEqual($best + 1e-6, $decision->bound);
    }

    public function test_a_band_begins_and_ends_where_its_fish_comes_and_goes(): void
    {
        $plan = (new Plans($this->facility([Example::tank('small', 120, 50), Example::tank('large', 400, 160, 80)])))->plan();
        [$first, $second] = $plan->lanes->stays;
        $this->assertEquals($plan->moves[0]->on, $first->until);
        $this->assertEquals($plan->moves[0]->on, $second->from);
        $this->assertNull($second->until);
        $points = $first->pointsSince($plan->date);
        [, , $likely, $high] = $points[count($points) - 1];
        $this->assertLessThanOrEqual(1.0, $high, 'it leaves before it may be too long');
        $this->assertLessThan($likely, $second->pointsSince($plan->date)[0][2], 'the larger home is less full of it');
    }

    /** @return iterable<list<int>> system by period, minimum stays kept */
    private function paths(Problem $problem, int $unit): iterable
    {
        $systems = count($problem->systems);
        for ($n = 0; $n < $systems ** $problem->periods; $n++) {
            $path = [];
            for ($t = 0, $rest = $n; $t < $problem->periods; $t++, $rest = intdiv($rest, $systems)) {
                $path[] = $rest % $systems;
            }
            if ($this->isAllowed($problem, $unit, $path)) {
                yield $path;
            }
        }
    }

    /** @param  list<int>  $path */
    private function isAllowed(Problem $problem, int $unit, array $path): bool
    {
        [$at, $free] = [$problem->start[$unit], 0];
        foreach ($path as $t => $system) {
            if ($system !== $at && $t < $free) {
                return false;
            }
            $free = $system === $at ? $free : $problem->stayEnds[$unit][$t];
            $at = $system;
        }

        return true;
    }

    private function problem(Facility $facility, int $days = 730): Problem
    {
        $lodgers = (new Plans($facility))->lodgers;

        return (new PlacementAdapter($facility, Periods::of($facility->date, $days), Aim::FewestMoves->weights()))->problem(array_values($lodgers), [], array_values($facility->systems), []);
    }

    /** @param  list<System>  $systems */
    private function facility(array $systems, string $home = 'small'): Facility
    {
        return Example::facility($systems, [Example::fish(Example::of(), $home, ['2026-12-01' => 160.0, '2027-02-20' => 200.0])]);
    }
}
