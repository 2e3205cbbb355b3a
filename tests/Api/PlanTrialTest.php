<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Plan;
use Illuminate\Support\Facades\DB;

/** Plans changed by hand, what is supposed, mends, costs, and a system that fails. */
final class PlanTrialTest extends ApiTestCase
{
    private const NOTHING = ['plan_id' => null, 'fish' => [], 'supposed' => []];

    protected function setUp(): void
    {
        parent::setUp();
        config(['plan.seconds' => 2.0]);
    }

    public function test_a_move_by_hand_is_seen_at_once_and_nothing_is_written(): void
    {
        $before = $this->getJson('/api/v1/lanes')->json();
        $trial = $this->postJson('/api/v1/lanes/trial', $this->moving('Sedge', 'Kiln vat', '2027-05-01'))->assertOk()->json();
        $this->assertStringContainsString('for Sedge', $trial['sentences'][0]);
        $this->assertLessThan($before['days_out_of_rule'], $trial['page']['days_out_of_rule']);
        $bands = array_values(array_filter($trial['page']['bands'], fn (array $band): bool => $band['name'] === 'Sedge'));
        $this->assertSame([['system-'.$this->system('Sluice tank'), '2027-05-01'], ['system-'.$this->system('Kiln vat'), null]], array_map(fn (array $band): array => [$band['key'], $band['until']], $bands));
        $this->assertSame($before, $this->getJson('/api/v1/lanes')->json());
        $this->assertSame(0, Plan::query()->count());
        $worse = $this->postJson('/api/v1/lanes/trial', $this->moving('Tarn', 'Cabin tank', '2027-05-01'))->json();
        $this->assertStringContainsString('puts Tarn', $worse['sentences'][0]);
        $this->assertStringContainsString('Tarn in Cabin tank from', implode(' ', $worse['sentences']));
    }

    public function test_what_was_drawn_by_hand_is_kept_as_a_plan_and_followed(): void
    {
        $row = $this->postJson('/api/v1/plans/by-hand', $this->moving('Sedge', 'Kiln vat', '2027-05-01'))->assertCreated()->json();
        $this->assertSame($row['figures']['days_out_of_rule'], array_sum(array_column($row['figures']['days_by_fish'], 'days')));
        $this->assertSame([true, 'ready', true], [$row['is_by_hand'], $row['state'], $row['can_be_followed']]);
        $this->assertContains('Sedge', array_column($this->getJson("/api/v1/plans/{$row['id']}")->json('moves'), 'name'));
        $this->putJson("/api/v1/plans/{$row['id']}/adoption", ['instead_of' => null])->assertOk();
        $this->assertContains('Sedge', array_column($this->getJson('/api/v1/lanes')->json('moves'), 'name'));
        $left = $this->postJson('/api/v1/lanes/trial', [...self::NOTHING, 'fish' => [['fish_id' => $this->fish('Sedge'), 'moves' => []]]])->assertOk()->json();
        $this->assertNotContains('Sedge', array_column($left['page']['moves'], 'name'));
        $this->assertStringContainsString('One move fewer.', implode(' ', $left['sentences']));
    }

    public function test_bad_moves_by_hand_name_the_move_to_mend(): void
    {
        $sedge = $this->fish('Sedge');
        $moves = fn (array $moves): array => [...self::NOTHING, 'fish' => [['fish_id' => $sedge, 'moves' => $moves]]];
        foreach ([
            'fish.0.moves.0.key' => $moves([['key' => 'nowhere', 'on' => '2027-05-01']]),
            'fish.0.moves.0.on' => $moves([['key' => 'system-1', 'on' => 'soon']]),
            'fish.0.fish_id' => [...self::NOTHING, 'fish' => [['fish_id' => 9999, 'moves' => []]]],
            'fish' => [...self::NOTHING, 'fish' => 'all'],
            'plan_id' => [...self::NOTHING, 'plan_id' => 77],
            'supposed' => ['plan_id' => null, 'fish' => []],
            'supposed.0.kind' => [...self::NOTHING, 'supposed' => [['kind' => 'miracle']]],
            'supposed.0.length' => [...self::NOTHING, 'supposed' => [['kind' => 'one-more', 'species_id' => 1, 'system_id' => 1, 'length' => 'long']]],
            'supposed.0.length ' => [...self::NOTHING, 'supposed' => [['kind' => 'one-more', 'species_id' => 1, 'system_id' => 1, 'length' => '90 m']]],
            'supposed.0.fittings.0' => [...self::NOTHING, 'supposed' => [['kind' => 'fitted', 'system_id' => 1, 'fittings' => ['gold']]]],
        ] as $field => $body) {
            $this->postJson('/api/v1/lanes/trial', $body)->assertUnprocessable()->assertJsonPath('errors', fn (array $errors): bool => array_key_first($errors) === trim($field));
            $this->postJson('/api/v1/plans/by-hand', $body)->assertUnprocessable();
        }
        foreach ([['kind' => 'rehomed'], ['kind' => 'kept-at', 'system_id' => 1], ['kind' => 'grows-large', 'fish_id' => 9999], ['kind' => 'ready-later', 'system_id' => 1]] as $nothing) {
            $this->postJson('/api/v1/lanes/trial', [...self::NOTHING, 'supposed' => [$nothing]])->assertUnprocessable();
        }
        $this->assertSame(0, Plan::query()->count());
    }

    public function test_a_home_that_is_not_ready_takes_nobody_before(): void
    {
        $kiln = $this->system('Kiln vat');
        $body = [...$this->moving('Sedge', 'Kiln vat', '2027-05-01'), 'supposed' => [['kind' => 'ready-later', 'system_id' => $kiln, 'on' => '2027-06-01']]];
        $this->postJson('/api/v1/lanes/trial', $body)->assertUnprocessable()->assertJsonPath('errors', ['fish.0.moves.0.on' => ['Kiln vat is ready only on 1 June 2027: choose a later day.']]);
    }

    public function test_what_if_one_grows_fast_or_one_more_is_bought(): void
    {
        $trial = fn (array $supposed): array => $this->postJson('/api/v1/lanes/trial', [...self::NOTHING, 'supposed' => [$supposed]])->assertOk()->json();
        $fast = $trial(['kind' => 'grows-large', 'fish_id' => $this->fish('Sedge')]);
        $this->assertStringContainsString('Sedge grows fast, toward', $fast['supposed'][0]);
        $species = (int) DB::table('fish')->where('id', $this->fish('Sedge'))->value('species_id');
        $more = $trial(['kind' => 'one-more', 'species_id' => $species, 'system_id' => $this->system('Cabin tank'), 'length' => '30 cm', 'count' => 2]);
        $this->assertStringContainsString('come to Cabin tank.', $more['supposed'][0]);
        $newcomer = array_values(array_filter($more['page']['bands'], fn (array $band): bool => $band['fish_id'] === 0));
        $this->assertSame([2], array_column($newcomer, 'count'));
        $this->assertStringContainsString('out of rule', $more['sentences'][0]);
        $this->assertGreaterThan(0, $more['costs_more'], 'they eat');
        $gone = $trial(['kind' => 'rehomed', 'fish_id' => $this->fish('Sedge')]);
        $this->assertNotContains('Sedge', array_column($gone['page']['bands'], 'name'));
    }

    public function test_a_plan_may_rest_on_mends_and_cannot_be_followed_on_wishes(): void
    {
        $sluice = $this->system('Sluice tank');
        $ask = ['aim' => 'fewest-moves', 'months' => 6, 'may_build' => true, 'locks' => []];
        $wish = $this->postJson('/api/v1/plans', [...$ask, 'supposed' => [['kind' => 'grows-large', 'fish_id' => $this->fish('Sedge')]]])->assertCreated()->json('id');
        $this->getJson("/api/v1/plans/{$wish}")->assertJsonPath('plan.can_be_followed', false);
        $this->putJson("/api/v1/plans/{$wish}/adoption", ['instead_of' => null])->assertConflict();

        $mend = ['kind' => 'kept-at', 'system_id' => $sluice, 'value' => 26.0];
        $row = $this->postJson('/api/v1/plans/by-hand', [...self::NOTHING, 'supposed' => [$mend]])->assertCreated()->json();
        $this->assertStringContainsString('Keep Sluice tank at 26', $row['supposed'][0]);
        $this->putJson("/api/v1/plans/{$row['id']}/adoption", ['instead_of' => null])->assertOk();
        $due = array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $due): bool => $due['kind'] === 'plan' && str_contains($due['words'], '26'));
        $this->assertCount(1, $due, 'it stands on Today until it is done');
    }

    public function test_a_shoal_is_parted_and_each_part_goes_its_own_way(): void
    {
        [$barbs, $long, $kiln] = [$this->fish('Barbs'), $this->system('Long tank'), $this->system('Kiln vat')];
        $row = $this->postJson('/api/v1/plans/by-hand', [...self::NOTHING, 'supposed' => [['kind' => 'parted', 'fish_id' => $barbs, 'value' => 5]]])->assertCreated()->json();
        $this->assertSame(['Part Barbs: 7 stay together, 5 go their own way.'], $row['supposed']);
        $written = Plan::query()->findOrFail($row['id']);
        $written->moves()->create(['fish_id' => $barbs, 'from_system_id' => $long, 'to_system_id' => $kiln, 'on' => '2027-03-15', 'waits_in_tub' => false, 'is_of_part' => true]);
        $page = $this->getJson("/api/v1/plans/{$row['id']}")->assertOk()->json();
        $bands = array_values(array_filter($page['bands'], fn (array $band): bool => $band['fish_id'] === $barbs));
        $this->assertEqualsCanonicalizing([['Barbs', 7, false, "system-{$long}"], ['Barbs (5)', 5, true, "system-{$long}"], ['Barbs (5)', 5, true, "system-{$kiln}"]], array_map(fn (array $band): array => [$band['name'], $band['count'], $band['is_part'], $band['key']], $bands));
        $this->putJson("/api/v1/plans/{$row['id']}/adoption", ['instead_of' => null])->assertOk();
        $due = array_column(array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $due): bool => $due['kind'] === 'plan'), 'words');
        $this->assertCount(1, array_filter($due, fn (string $words): bool => str_contains($words, 'Part Barbs')));
        $this->assertCount(1, array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $due): bool => $due['name'] === 'Barbs (5)' && str_contains($due['words'], 'by the plan to Kiln vat')));
        $this->getJson("/api/v1/systems/{$kiln}")->assertOk();
        $this->postJson("/api/v1/fish/{$barbs}/parts", ['count' => 5])->assertCreated();
        $this->getJson('/api/v1/lanes')->assertOk()->assertJsonPath('plan.supposed', []);
        foreach ([0, 12, 400] as $bad) {
            $this->postJson('/api/v1/lanes/trial', [...self::NOTHING, 'supposed' => [['kind' => 'parted', 'fish_id' => $barbs, 'value' => $bad]]])->assertUnprocessable();
        }
    }

    public function test_a_move_for_size_is_due_as_soon_as_the_fish_is_as_long(): void
    {
        $sedge = $this->fish('Sedge');
        $row = $this->postJson('/api/v1/plans/by-hand', $this->moving('Sedge', 'Kiln vat', '2027-06-05'))->json();
        $this->assertTrue(array_values(array_filter($this->getJson("/api/v1/plans/{$row['id']}")->json('moves'), fn (array $move): bool => $move['name'] === 'Sedge'))[0]['is_by_size']);
        $this->putJson("/api/v1/plans/{$row['id']}/adoption", ['instead_of' => null])->assertOk();
        $bySize = fn (): array => array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $due): bool => $due['fish_id'] === $sedge && str_contains($due['words'], 'the size at which the plan moves it'));
        $this->assertSame([], $bySize());
        DB::table('plan_moves')->where('fish_id', $sedge)->update(['at_length' => 150.0]);
        $this->assertCount(1, $bySize());
    }

    public function test_mends_costs_and_what_is_to_be_built_are_listed_with_their_prices(): void
    {
        $mends = $this->getJson('/api/v1/mends')->assertOk()->json();
        $this->assertFalse($mends['is_of_plan']);
        $this->assertNotSame([], $mends['wanted']);
        foreach ($mends['wanted'] as $mend) {
            $this->assertContains($mend['supposed']['kind'], ['fitted', 'media']);
            $this->assertGreaterThan(0, $mend['price']);
            $this->postJson('/api/v1/lanes/trial', [...self::NOTHING, 'supposed' => [array_filter($mend['supposed'], fn ($value): bool => $value !== null)]])->assertOk();
        }
        $row = $this->postJson('/api/v1/plans/by-hand', self::NOTHING)->json();
        $ofPlan = $this->getJson("/api/v1/mends?plan_id={$row['id']}")->assertOk()->json();
        $this->assertTrue($ofPlan['is_of_plan']);
        $this->assertNotSame([], $ofPlan['unsolved']);
        $this->getJson('/api/v1/mends?plan_id=77')->assertNotFound();
        $this->getJson('/api/v1/mends?plan_id=many')->assertUnprocessable();

        $lanes = $this->getJson('/api/v1/lanes')->json();
        $this->assertEqualsWithDelta(731, array_sum(array_column($lanes['costs'], 'days')), 1);
        $this->assertGreaterThan(0, min(array_column($lanes['costs'], 'power')));
        $this->assertSame([], array_values(array_filter($lanes['lanes'], fn (array $lane): bool => $lane['kind'] !== 'pond' && $lane['cold'] !== [])));
        $this->assertNotSame([], array_merge(...array_column($lanes['lanes'], 'cold')), 'ponds are too cold in winter for those from indoors');

        foreach ($this->getJson('/api/v1/to-build')->assertOk()->json() as $home) {
            $this->assertLessThanOrEqual($home['by'], $home['begin']);
            $this->assertGreaterThan(0, $home['price']);
            $this->assertNotSame([], $home['for']);
        }
    }

    public function test_a_system_that_fails_tells_everybody_where_to_go(): void
    {
        $sluice = $this->system('Sluice tank');
        $rescue = $this->getJson("/api/v1/systems/{$sluice}/rescue")->assertOk()->json();
        $there = array_column(array_filter($this->getJson('/api/v1/fish')->json(), fn (array $fish): bool => $fish['home']['system_id'] === $sluice), 'name');
        $this->assertEqualsCanonicalizing($there, array_column($rescue['fish'], 'name'));
        $this->assertNotContains($sluice, array_column($rescue['fish'], 'system_id'));
        $this->assertGreaterThan(0, $rescue['minutes_left']);
        $this->getJson('/api/v1/systems/9999/rescue')->assertNotFound();
    }

    /** @return array<string, mixed> */
    private function moving(string $fish, string $home, string $on): array
    {
        return [...self::NOTHING, 'fish' => [['fish_id' => $this->fish($fish), 'moves' => [['key' => 'system-'.$this->system($home), 'on' => $on]]]]];
    }
}
