<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\FacilityReader;
use App\Jobs\SolvePlan;
use App\Models\Plan;
use App\Models\PlanState;

final class PlanTest extends ApiTestCase
{
    private const ASKED = ['aim' => 'fewest-moves', 'months' => 24, 'may_build' => true, 'locks' => [], 'supposed' => []];

    protected function setUp(): void
    {
        parent::setUp();
        config(['plan.seconds' => 4.0]);
    }

    public function test_as_things_are_every_fish_has_a_band_in_its_home_and_what_breaks_is_named(): void
    {
        $lanes = $this->getJson('/api/v1/lanes')->assertOk()->json();
        $this->assertNull($lanes['plan']);
        $this->assertSame([self::TODAY, '2029-03-13'], [$lanes['date'], $lanes['horizon']]);
        $this->assertSame(array_column($this->getJson('/api/v1/systems')->json(), 'name'), array_column($lanes['lanes'], 'name'));
        $this->assertEqualsCanonicalizing(array_column($this->getJson('/api/v1/fish')->json(), 'id'), array_values(array_unique(array_column($lanes['bands'], 'fish_id'))));
        $this->assertGreaterThan(1000, $lanes['days_out_of_rule']);
        $this->assertSame($lanes['days_out_of_rule'], $lanes['days_without']);
        $this->assertSame($lanes['days_out_of_rule'], array_sum(array_column($lanes['breaches'], 'days')));
    }

    /** The band of a fish by itself meets the edge on the day on which its sheet says that it outgrows its home. */
    public function test_a_band_meets_the_edge_on_the_day_the_home_is_outgrown(): void
    {
        foreach (['Bramble', 'Pip', 'Osier'] as $name) {
            $sheet = $this->getJson('/api/v1/fish/'.$this->fish($name))->json();
            $home = array_search($sheet['fish']['home']['system_id'], array_column($sheet['homes'], 'system_id'), true);
            $likely = $sheet['homes'][$home]['outgrows']['likely'];
            $band = array_values(array_filter($this->getJson('/api/v1/lanes')->json('bands'), fn (array $band): bool => $band['name'] === $name))[0];
            foreach ($band['points'] as $i => [$day, , $share]) {
                if ($share >= 1.0) {
                    [$before, , $below] = $band['points'][$i - 1];
                    $meets = $before + ($day - $before) * (1 - $below) / ($share - $below);
                    $this->assertEqualsWithDelta((strtotime($likely) - strtotime(self::TODAY)) / 86400, $meets, 3.0, $name);
                    break;
                }
            }
        }
    }

    public function test_a_plan_is_worked_out_adopted_followed_and_left(): void
    {
        $id = $this->postJson('/api/v1/plans', self::ASKED)->assertCreated()->json('id');
        $page = $this->getJson("/api/v1/plans/{$id}")->assertOk()->json();
        $this->assertSame('ready', $page['plan']['state']);
        $this->assertLessThan(0.2 * $page['days_without'], $page['days_out_of_rule']);
        $this->assertLessThanOrEqual(count($page['moves']), $page['plan']['figures']['least_moves']);
        foreach ($page['moves'] as $move) {
            $this->assertNotSame([], $move['reasons']);
            $this->assertGreaterThanOrEqual(self::TODAY, $move['on']);
        }
        $written = $this->getJson('/api/v1/lanes')->json('moves');
        $this->assertSame(['Bramble'], array_column($written, 'name'), 'nothing is followed yet but what is written down');

        $this->putJson("/api/v1/plans/{$id}/adoption", ['instead_of' => null])->assertOk();
        $this->putJson("/api/v1/plans/{$id}/adoption", ['instead_of' => null])->assertOk()->assertJsonPath('is_adopted', true);
        $this->assertSame($page['moves'], $this->getJson('/api/v1/lanes')->json('moves'));
        $first = array_values(array_filter($page['moves'], fn (array $move): bool => $move['to_id'] !== null && $move['name'] !== 'Bramble'))[0];
        $stays = $this->getJson("/api/v1/fish/{$first['fish_id']}")->json('chain.stays');
        $this->assertSame($first['to'], $stays[1]['name'], 'the chain of the fish goes by the plan');
        $this->deleteJson("/api/v1/plans/{$id}")->assertConflict();
        $due = array_values(array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $due): bool => $due['kind'] === 'plan'));
        $near = array_values(array_filter($page['moves'], fn (array $move): bool => $move['name'] !== 'Bramble' && $move['on'] <= '2027-03-20'));
        $this->assertNotSame([], $near);
        foreach ($near as $move) {
            $this->assertContains($move['fish_id'], array_column($due, 'fish_id'), $move['name']);
        }

        $feed = (string) $this->get((string) $this->postJson('/api/v1/calendar')->json('url'))->getContent();
        $this->assertStringContainsString("Move {$near[0]['name']} to {$near[0]['to']}", str_replace("\r\n ", '', $feed));

        $this->deleteJson("/api/v1/plans/{$id}/adoption")->assertNoContent();
        $this->assertSame($written, $this->getJson('/api/v1/lanes')->json('moves'));
        $this->deleteJson("/api/v1/plans/{$id}")->assertNoContent();
        $this->getJson("/api/v1/plans/{$id}")->assertNotFound();
    }

    public function test_a_fish_that_grows_faster_than_it_was_planned_for_says_so(): void
    {
        [$sedge, $sluice, $kiln] = [$this->fish('Sedge'), $this->system('Sluice tank'), $this->system('Kiln vat')];
        $plan = $this->ready();
        $plan->moves()->create(['fish_id' => $sedge, 'from_system_id' => $sluice, 'to_system_id' => $kiln, 'on' => '2027-06-05', 'waits_in_tub' => false]);
        $this->putJson("/api/v1/plans/{$plan->id}/adoption", ['instead_of' => null])->assertOk();
        $before = $this->getJson('/api/v1/lanes')->assertOk()->json();
        $this->assertSame([], $before['concerns'], 'what was there when it was adopted is accepted');
        $this->postJson("/api/v1/fish/{$sedge}/measurements", ['date' => self::TODAY, 'length' => '23.5 cm', 'method' => 'ruler', 'keep' => true])->assertCreated();
        $after = $this->getJson('/api/v1/lanes')->json();
        $this->assertNotSame([], $after['concerns']);
        $this->assertStringContainsString('Sedge may outgrow Sluice tank by', implode(' ', $after['concerns']));
        $said = array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $due): bool => $due['kind'] === 'plan' && str_contains($due['words'], 'the plan no longer fits'));
        $this->assertNotSame([], $said);
    }

    public function test_why_not_there_is_answered_by_the_judge(): void
    {
        [$osier, $tarn] = [$this->fish('Osier'), $this->fish('Tarn')];
        $why = fn (int $fish, string $home, string $on = self::TODAY): string => implode(' ', $this->getJson('/api/v1/lanes/why-not?'.http_build_query(['fish_id' => $fish, 'key' => 'system-'.$this->system($home), 'on' => $on]))->assertOk()->json('sentences'));
        $this->assertSame('Osier is in Sluice tank that day.', $why($osier, 'Sluice tank'));
        $this->assertMatchesRegularExpression('/too (long|large)/', $why($tarn, 'Cabin tank'));
        $this->assertMatchesRegularExpression('/°C is wanted|swallow|Choose|wants|could be in/', $why($osier, 'Boathouse vat', '2027-09-01'));
        foreach (['fish_id=9999&key=system-1&on=2027-03-13', "fish_id={$osier}&key=nowhere&on=2027-03-13", "fish_id={$osier}&key=system-1&on=soon", ''] as $bad) {
            $this->getJson("/api/v1/lanes/why-not?{$bad}")->assertUnprocessable();
        }
        $this->getJson("/api/v1/lanes/why-not?fish_id={$osier}&key=system-1&on=2027-03-13&plan_id=77")->assertNotFound();
    }

    public function test_of_two_windows_the_second_is_told_what_the_first_adopted(): void
    {
        [$one, $other] = [$this->ready(), $this->ready()];
        $this->putJson("/api/v1/plans/{$one->id}/adoption", ['instead_of' => null])->assertOk();
        $this->putJson("/api/v1/plans/{$other->id}/adoption", ['instead_of' => null])->assertConflict();
        $this->putJson("/api/v1/plans/{$other->id}/adoption", ['instead_of' => $one->id])->assertOk();
        $this->assertSame($other->id, $this->getJson('/api/v1/plans')->json('adopted_id'));
        $this->deleteJson("/api/v1/plans/{$other->id}/adoption")->assertNoContent();
        $this->assertSame($one->id, $this->getJson('/api/v1/plans')->json('adopted_id'), 'the one before it');
    }

    public function test_whoever_dies_or_goes_elsewhere_is_left_out(): void
    {
        [$osier, $pip] = [$this->fish('Osier'), $this->fish('Pip')];
        [$sluice, $gauge, $kiln, $boathouse] = array_map($this->system(...), ['Sluice tank', 'Gauge tank', 'Kiln vat', 'Boathouse vat']);
        $plan = $this->ready();
        $plan->moves()->create(['fish_id' => $osier, 'from_system_id' => $sluice, 'to_system_id' => $kiln, 'on' => '2027-04-01', 'waits_in_tub' => false]);
        $plan->moves()->create(['fish_id' => $pip, 'from_system_id' => $gauge, 'to_system_id' => $boathouse, 'on' => '2027-05-01', 'waits_in_tub' => false]);
        $names = fn (): array => array_column($this->getJson("/api/v1/plans/{$plan->id}")->assertOk()->json('moves'), 'name');
        $this->assertSame(['Bramble', 'Osier', 'Pip'], $names());
        $this->postJson("/api/v1/fish/{$pip}/losses", ['date' => self::TODAY, 'kind' => 'death', 'count' => 1])->assertCreated();
        $this->assertSame(['Bramble', 'Osier'], $names());
        $this->postJson("/api/v1/fish/{$osier}/moves", ['date' => self::TODAY, 'to_system_id' => $kiln])->assertCreated();
        $this->assertSame(['Bramble'], $names(), 'it is there');
    }

    public function test_a_plan_keeps_nobody_from_taking_a_system_away(): void
    {
        $new = $this->postJson('/api/v1/systems', ['name' => 'New tank', 'kind' => 'tank', 'pools' => [['type' => 'box', 'length' => '120 cm', 'width' => '50 cm', 'depth' => '50 cm']]])->assertCreated()->json('system.id');
        $plan = $this->ready();
        $plan->moves()->create(['fish_id' => $this->fish('Osier'), 'from_system_id' => $this->system('Sluice tank'), 'to_system_id' => $new, 'on' => '2027-06-01', 'waits_in_tub' => false]);
        $this->deleteJson("/api/v1/systems/{$new}")->assertNoContent();
        $this->assertSame(['Bramble'], array_column($this->getJson("/api/v1/plans/{$plan->id}")->assertOk()->json('moves'), 'name'));
    }

    /** What was proven of the whole plan says nothing of what is left of it. */
    public function test_of_the_rest_of_a_plan_nothing_is_proven(): void
    {
        [$osier, $sluice, $kiln] = [$this->fish('Osier'), $this->system('Sluice tank'), $this->system('Kiln vat')];
        $plan = $this->ready();
        $plan->update(['least_moves' => 2]);
        $plan->moves()->create(['fish_id' => $osier, 'from_system_id' => $sluice, 'to_system_id' => $kiln, 'on' => '2027-06-01', 'waits_in_tub' => false]);
        $plan->moves()->create(['fish_id' => $this->fish('Bramble'), 'from_system_id' => $this->system('Porch tank'), 'to_system_id' => $kiln, 'on' => '2027-03-18', 'waits_in_tub' => false]);
        $said = fn (): string => implode(' ', $this->getJson("/api/v1/plans/{$plan->id}")->assertOk()->json('sentences'));
        $this->assertStringContainsString('does with fewer than two moves', $said());
        $this->postJson("/api/v1/fish/{$osier}/moves", ['date' => self::TODAY, 'to_system_id' => $kiln])->assertCreated();
        $this->assertStringNotContainsString('fewer than', $said());
    }

    public function test_locks_are_kept(): void
    {
        [$sedge, $sluice] = [$this->fish('Sedge'), $this->system('Sluice tank')];
        $id = $this->postJson('/api/v1/plans', [...self::ASKED, 'locks' => [['fish_id' => $sedge, 'system_id' => $sluice, 'from' => null, 'until' => null]]])->assertCreated()->json('id');
        $page = $this->getJson("/api/v1/plans/{$id}")->json();
        $this->assertNotContains('Sedge', array_column($page['moves'], 'name'));
        $this->assertContains('Sedge', array_column($page['breaches'], 'name'), 'what that breaks is named');
    }

    public function test_what_cannot_be_planned_is_refused(): void
    {
        [$bramble, $porch, $long] = [$this->fish('Bramble'), $this->system('Porch tank'), $this->system('Long tank')];
        $lock = fn (int $system, ?string $from, ?string $until): array => ['fish_id' => $bramble, 'system_id' => $system, 'from' => $from, 'until' => $until];
        $this->postJson('/api/v1/plans', [...self::ASKED, 'locks' => [$lock($porch, null, null), $lock($long, '2027-06-01', null)]])
            ->assertUnprocessable()->assertJsonPath('errors', ['locks.1.system_id' => ['Bramble cannot be in two homes at once: change the days of one of them, or leave one out.']]);
        foreach ([['aim' => 'happiness'], ['months' => 0], ['months' => 2.5], ['may_build' => 'yes'], ['locks' => 'none'], ['locks' => [$lock(9999, null, null)]], ['locks' => [[...$lock($porch, null, null), 'fish_id' => 9999]]]] as $bad) {
            $this->postJson('/api/v1/plans', [...self::ASKED, ...$bad])->assertUnprocessable();
        }
        $this->assertSame(0, Plan::query()->count());
        $this->ready(PlanState::Solving);
        $this->postJson('/api/v1/plans', self::ASKED)->assertConflict();
    }

    public function test_one_that_is_worked_out_stops_when_asked(): void
    {
        $plan = $this->ready(PlanState::Solving);
        $this->putJson("/api/v1/plans/{$plan->id}/adoption", ['instead_of' => null])->assertConflict();
        $this->postJson("/api/v1/plans/{$plan->id}/stop")->assertNoContent();
        $began = hrtime(true);
        (new SolvePlan($plan->id, 60.0))->handle(app(FacilityReader::class));
        $this->assertLessThan(15.0, (hrtime(true) - $began) / 1e9);
        $this->assertSame(PlanState::Ready, $plan->refresh()->state, 'with the best so far');
    }

    private function ready(PlanState $state = PlanState::Ready): Plan
    {
        return Plan::query()->create(['aim' => 'fewest-moves', 'months' => 24, 'may_build' => true, 'state' => $state, 'horizon' => '2029-03-12']);
    }
}
