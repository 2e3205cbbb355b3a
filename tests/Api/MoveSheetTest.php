<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Fish;
use App\Models\MoveSheet;
use App\Models\Role;
use App\Models\Watch;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

final class MoveSheetTest extends ApiTestCase
{
    public function test_a_move_is_planned_run_written_down_and_watched_until_settled(): void
    {
        $page = $this->plan('Moss', 'Kiln vat')->assertCreated()->json();
        $id = $page['sheet']['id'];

        $this->assertSame('planned', $page['sheet']['state']);
        $this->assertNotSame([], $page['steps']);
        $this->putJson("/api/v1/move-sheets/{$id}/steps/at-hand", ['done' => true])->assertOk()->assertJsonPath('sheet.state', 'begun')->assertJsonPath('steps.0.done', '2027-03-13T09:00:00Z');
        $this->putJson("/api/v1/move-sheets/{$id}/steps/at-hand", ['done' => false])->assertOk()->assertJsonPath('steps.0.done', null);
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$id}/finish")->assertOk()->assertJsonPath('sheet.state', 'finished');
        $this->assertSame('Kiln vat', $this->getJson('/api/v1/fish/'.$this->fish('Moss'))->json('fish.home.name'));

        $watch = $this->watchOf('Moss');
        $this->assertSame('2027-03-13T09:00', $watch['began_at']);
        foreach (['2027-03-13 12:00', '2027-03-14 08:00', '2027-03-20 13:00', '2027-03-21 08:00'] as $i => $at) {
            Carbon::setTestNow($at);
            $this->postJson("/api/v1/watches/{$watch['id']}/checks", ['has_eaten' => $i === 2, 'exceptions' => []])->assertCreated();
        }
        $settled = $this->getJson("/api/v1/watches/{$watch['id']}")->assertOk()->json();
        $this->assertSame('settled', $settled['outcome']);
        $this->assertNotEmpty(array_filter($settled['rounds'], fn (array $round): bool => $round['state'] === 'missed'));
        $this->putJson("/api/v1/watches/{$watch['id']}/end", ['how' => 'settled'])->assertOk();
        $this->assertNotContains('Moss', $this->getJson('/api/v1/moves')->json('additions.*.watches.*.name'));
    }

    public function test_a_move_that_was_made_without_a_network_stands_at_its_own_hour(): void
    {
        $page = $this->plan('Moss', 'Kiln vat')->assertCreated()->json();
        $this->unblock($page);
        $finish = "/api/v1/move-sheets/{$page['sheet']['id']}/finish";
        $this->postJson($finish, ['at' => '2027-03-13T12:00Z'])->assertUnprocessable()->assertJsonValidationErrorFor('at');
        $this->postJson($finish, ['at' => 'noon'])->assertUnprocessable()->assertJsonValidationErrorFor('at');
        $this->postJson($finish, ['at' => '2027-03-12T17:30Z'])->assertOk()->assertJsonPath('sheet.state', 'finished');

        $this->assertDatabaseHas('stays', ['fish_id' => $this->fish('Moss'), 'system_id' => $this->system('Kiln vat'), 'from' => '2027-03-12', 'until' => null]);
        $this->assertSame('2027-03-12T17:30', $this->watchOf('Moss')['began_at']);
    }

    public function test_after_a_large_addition_the_round_asks_for_tests_each_day(): void
    {
        $page = $this->plan('Clover', 'Cabin tank')->assertCreated()->json();
        $this->assertSame(['2027-03-14', '2027-03-23'], [$page['test_from'], $page['test_until']]);
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk()->assertJsonPath('test_until', '2027-03-23');
        $this->assertNull($this->testDue('Cabin tank'));

        Carbon::setTestNow('2027-03-14 09:00');
        $this->assertFalse($this->testDue('Cabin tank')['is_late'] ?? null);
        Carbon::setTestNow('2027-03-15 09:00');
        $this->assertTrue($this->testDue('Cabin tank')['is_late'] ?? null);
        $this->postJson('/api/v1/systems/'.$this->system('Cabin tank').'/water-tests', ['date' => '2027-03-15', 'values' => ['ammonia_mg_l' => '0.1']])->assertCreated();
        $this->assertNull($this->testDue('Cabin tank'));
        Carbon::setTestNow('2027-03-24 09:00');
        $this->assertNull($this->testDue('Cabin tank'));
    }

    public function test_a_bad_look_climbs_the_ladder_and_ends_in_a_time_out(): void
    {
        $id = $this->watchOf('Burr')['id'];
        $this->postJson("/api/v1/watches/{$id}/checks", ['has_eaten' => false, 'exceptions' => [['watch_id' => $id, 'troubles' => ['fins'], 'has_eaten' => false, 'chased_by_id' => $this->fish('Thistle'), 'note' => 'at the heater']]])->assertCreated();
        $watch = $this->getJson("/api/v1/watches/{$id}")->json();
        $this->assertSame('move-decor', $watch['advice']['intervention'], 'lights off and distracting were tried');
        $this->assertStringContainsString('Thistle chased it on 13 March, 09:00', $watch['sentence']);
        $intervention = $this->postJson("/api/v1/watches/{$id}/interventions", ['intervention' => 'move-decor', 'stop_at' => '10:30'])->assertCreated()->json('id');
        $this->putJson("/api/v1/watch-interventions/{$intervention}", ['success' => 'no'])->assertOk();
        $this->assertSame('refuge-net', $this->getJson("/api/v1/watches/{$id}")->json('advice.intervention'));

        $check = $this->postJson("/api/v1/watches/{$id}/checks", ['has_eaten' => false, 'exceptions' => [['watch_id' => $id, 'troubles' => ['eyes'], 'has_eaten' => false]]])->assertCreated()->json('id');
        $this->assertSame('Take Burr out now: it has a cloudy eye.', $this->getJson("/api/v1/watches/{$id}")->json('sentence'));
        $today = $this->getJson('/api/v1/today')->json('due');
        $this->assertContains(['watch', 'Burr', true], array_map(fn (array $row): array => [$row['kind'], $row['name'], $row['is_late']], $today));
        $this->deleteJson("/api/v1/watch-checks/{$check}")->assertNoContent();

        $page = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Porch tank'), 'date' => self::TODAY, 'is_time_out' => true, 'until' => '2027-03-20', 'fish' => [['fish_id' => $this->fish('Burr')]]])->assertCreated()->json();
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();
        $this->assertSame(1, $this->getJson('/api/v1/moves')->json('time_outs'));
        Carbon::setTestNow('2027-03-21 09:00');
        $due = array_values(array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $row): bool => $row['kind'] === 'interim'));
        $this->assertSame('time-out until 20 March: decide where it goes', $due[0]['words']);
        $back = $this->plan('Burr', 'Gauge tank', '2027-03-21')->assertCreated()->json();
        $this->unblock($back);
        $this->postJson("/api/v1/move-sheets/{$back['sheet']['id']}/finish")->assertOk();
        $this->assertTrue($this->watchOf('Burr', true)['is_return'], 'a newcomer, even if it was boss');
    }

    public function test_part_of_a_shoal_moves_and_every_fish_is_counted_once(): void
    {
        $barbs = $this->fish('Barbs');
        $there = $this->getJson("/api/v1/fish/{$barbs}")->json('fish.count');
        $page = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Kiln vat'), 'date' => self::TODAY, 'fish' => [['fish_id' => $barbs, 'count' => 5]]])->assertCreated()->json();
        $this->assertSame(['5 of Barbs'], $page['sheet']['fish']);
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();
        $part = $this->getJson('/api/v1/fish/'.$this->fish('Barbs 2'))->json('fish');

        $this->assertSame($there - 5, $this->getJson("/api/v1/fish/{$barbs}")->json('fish.count'));
        $this->assertSame([5, 'Kiln vat'], [$part['count'], $part['home']['name']]);
        $this->assertEqualsWithDelta($this->getJson("/api/v1/fish/{$barbs}")->json('fish.length_mm.likely'), $part['length_mm']['likely'], 1.0);

        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/take-back")->assertOk();
        $this->assertSame($there, $this->getJson("/api/v1/fish/{$barbs}")->json('fish.count'));
        $this->assertNull(Fish::query()->where('name', 'Barbs 2')->first());
    }

    public function test_a_finished_move_is_taken_back_until_it_has_been_looked_at(): void
    {
        $page = $this->plan('Moss', 'Kiln vat')->json();
        $this->unblock($page);
        $path = "/api/v1/move-sheets/{$page['sheet']['id']}";
        $this->postJson("{$path}/finish")->assertOk();
        $this->postJson("{$path}/take-back")->assertOk();
        $this->assertSame('Long tank', $this->getJson('/api/v1/fish/'.$this->fish('Moss'))->json('fish.home.name'));

        $this->postJson("{$path}/finish")->assertOk();
        $this->postJson("/api/v1/watches/{$this->watchOf('Moss')['id']}/checks", ['has_eaten' => false, 'exceptions' => []])->assertCreated();
        $this->postJson("{$path}/take-back")->assertUnprocessable()->assertJsonValidationErrorFor('sheet');
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> what is written of the part of a shoal, and how it is named */
    public static function entriesSince(): iterable
    {
        yield 'a length' => ['measurements', ['length' => '20 cm', 'method' => 'ruler', 'keep' => true], 'one length'];
        yield 'a loss' => ['losses', ['kind' => 'death', 'count' => 1], 'one loss'];
        yield 'a count' => ['counts', ['kind' => 'all-caught', 'number' => 4], 'one count'];
        yield 'a look' => ['health-observations', ['is_eating' => true], 'one look at it'];
        yield 'a quarantine' => ['quarantines', [], 'one quarantine'];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('entriesSince')]
    public function test_a_parting_is_not_taken_back_over_what_was_written_since(string $path, array $entry, string $named): void
    {
        $sheet = $this->partBarbs();
        $part = $this->fish('Barbs 2');
        $this->postJson("/api/v1/fish/{$part}/{$path}", ['date' => self::TODAY, ...$entry])->assertCreated();

        $refused = $this->postJson("/api/v1/move-sheets/{$sheet}/take-back")->assertUnprocessable()->json('errors.sheet.0');
        $this->assertSame("Barbs 2 stays, so that what happened stays: {$named}. Move them back with a sheet of its own.", $refused);
        $this->getJson("/api/v1/fish/{$part}")->assertOk();
    }

    public function test_a_parting_is_not_taken_back_over_an_incident_a_further_sheet_or_a_correction(): void
    {
        $sheet = $this->partBarbs();
        $part = $this->fish('Barbs 2');
        $incident = $this->postJson('/api/v1/incidents', ['actor_id' => $part, 'target_id' => $part, 'act' => 'chased', 'harm' => 'none', 'date' => self::TODAY])->assertCreated()->json('id');
        $this->assertStringContainsString('one incident', $this->postJson("/api/v1/move-sheets/{$sheet}/take-back")->assertUnprocessable()->json('message'));
        DB::table('incidents')->where('id', $incident)->delete();
        $further = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Long tank'), 'date' => self::TODAY, 'fish' => [['fish_id' => $part]]])->assertCreated()->json('sheet.id');
        $this->assertStringContainsString('one move sheet', $this->postJson("/api/v1/move-sheets/{$sheet}/take-back")->assertUnprocessable()->json('message'));
        DB::table('move_sheets')->where('id', $further)->delete();
        $length = DB::table('measurements')->where('fish_id', $part)->first();
        $this->assertNotNull($length);
        $this->deleteJson("/api/v1/measurements/{$length->id}")->assertNoContent();
        $this->assertStringContainsString('one length', $this->postJson("/api/v1/move-sheets/{$sheet}/take-back")->assertUnprocessable()->json('message'));
        $this->postJson("/api/v1/measurements/{$length->id}/restore")->assertOk();

        $this->postJson("/api/v1/move-sheets/{$sheet}/take-back")->assertOk();
        $this->assertNull(Fish::query()->where('name', 'Barbs 2')->first());
    }

    public function test_taking_back_a_run_restores_the_quarantine_that_it_ended(): void
    {
        $moss = $this->fish('Moss');
        DB::table('quarantines')->insert(['fish_id' => $moss, 'from' => '2027-02-01', 'days' => 20, 'credit' => 0, 'created_at' => now(), 'updated_at' => now()]);
        $page = $this->plan('Moss', 'Kiln vat')->json();
        $this->unblock($page);
        $path = "/api/v1/move-sheets/{$page['sheet']['id']}";
        $this->postJson("{$path}/finish")->assertOk();
        $this->assertSame(self::TODAY, DB::table('quarantines')->where('fish_id', $moss)->value('released_on'));
        $this->postJson("{$path}/take-back")->assertOk();

        $this->assertNull(DB::table('quarantines')->where('fish_id', $moss)->value('released_on'));
    }

    public function test_the_move_of_a_run_is_not_deleted_behind_its_watch(): void
    {
        $page = $this->plan('Moss', 'Kiln vat')->json();
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();
        $move = DB::table('moves')->where('fish_id', $this->fish('Moss'))->max('id');

        $this->assertStringContainsString('made with a sheet', $this->deleteJson("/api/v1/moves/{$move}")->assertUnprocessable()->json('message'));
        $this->assertSame('Kiln vat', $this->getJson('/api/v1/fish/'.$this->fish('Moss'))->json('fish.home.name'));
    }

    /** @return int the finished sheet by which five barbs went to the vat */
    private function partBarbs(): int
    {
        $page = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Kiln vat'), 'date' => self::TODAY, 'fish' => [['fish_id' => $this->fish('Barbs'), 'count' => 5]]])->assertCreated()->json();
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();

        return $page['sheet']['id'];
    }

    public function test_a_block_wants_a_reason(): void
    {
        $page = $this->plan('Moss', 'Cabin tank')->assertCreated()->json();
        $this->assertTrue($page['is_blocked']);
        $path = "/api/v1/move-sheets/{$page['sheet']['id']}";

        $this->postJson("{$path}/finish")->assertUnprocessable()->assertJsonValidationErrorFor('override_reason');
        $this->assertSame('Long tank', $this->getJson('/api/v1/fish/'.$this->fish('Moss'))->json('fish.home.name'));
        $this->putJson($path, ['override_reason' => 'Only while the floor is mended'])->assertOk()->assertJsonPath('override_reason', 'Only while the floor is mended');
        $this->postJson("{$path}/finish")->assertOk();
    }

    public function test_what_cannot_be_planned_is_said(): void
    {
        $moss = $this->fish('Moss');
        $post = fn (array $body): array => $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Kiln vat'), 'date' => self::TODAY, 'fish' => [['fish_id' => $moss]], ...$body])->assertUnprocessable()->json('errors');

        $this->assertStringContainsString('has passed', $post(['date' => '2027-03-01'])['date'][0]);
        $this->assertStringContainsString('live there already', $post(['to_system_id' => $this->system('Long tank')])['to_system_id'][0]);
        $this->assertStringContainsString('not there any more', $post(['fish' => [['fish_id' => $this->fish('Willow')]]])['fish.0.fish_id'][0]);
        $this->assertStringContainsString('different homes', $post(['fish' => [['fish_id' => $moss], ['fish_id' => $this->fish('Sedge')]]])['fish'][0]);
        $this->assertStringContainsString('are there', $post(['fish' => [['fish_id' => $this->fish('Barbs'), 'count' => 99]]])['fish.0.count'][0]);
        $this->assertStringContainsString('choose a later day', $post(['until' => '2027-03-01'])['until'][0]);
        $this->assertArrayHasKey('fish', $post(['fish' => []]));
        $this->plan('Moss', 'Kiln vat')->assertCreated();
        $this->assertStringContainsString('Already on another sheet', $post([])['fish.0.fish_id'][0]);
    }

    public function test_a_step_that_comes_later_says_when_it_was(): void
    {
        Carbon::setTestNow('2027-03-13 09:20');
        $page = $this->plan('Moss', 'Kiln vat')->json();
        $path = "/api/v1/move-sheets/{$page['sheet']['id']}/steps/at-hand";

        $this->putJson($path, ['done' => true, 'at' => '2027-03-13T08:50Z'])->assertOk()->assertJsonPath('steps.0.done', '2027-03-13T08:50:00Z');
        foreach (['2027-03-13T09:40Z', '2027-02-01T08:00Z', 'this morning'] as $unlikely) {
            $this->putJson($path, ['done' => true, 'at' => $unlikely])->assertUnprocessable()->assertJsonValidationErrorFor('at');
        }
    }

    public function test_a_sheet_left_half_done_for_a_week_goes_on_with_the_day_s_water_and_fish(): void
    {
        $page = $this->plan('Moss', 'Kiln vat')->json();
        $path = "/api/v1/move-sheets/{$page['sheet']['id']}";
        $this->putJson("{$path}/steps/at-hand", ['done' => true])->assertOk();
        Carbon::setTestNow('2027-03-20 09:00');
        $later = $this->getJson($path)->assertOk()->json();

        $this->assertSame(['begun', true], [$later['sheet']['state'], $later['sheet']['is_due']]);
        $this->assertNotNull($later['steps'][0]['done']);
        $this->unblock($later);
        $this->postJson("{$path}/finish")->assertOk();
        $this->assertSame('2027-03-20', DB::table('moves')->where('fish_id', $this->fish('Moss'))->latest('id')->value('date'));
        $this->putJson("{$path}/steps/lid", ['done' => true])->assertUnprocessable()->assertJsonValidationErrorFor('sheet');
    }

    public function test_a_fish_that_is_gone_meanwhile_is_said(): void
    {
        $page = $this->plan('Moss', 'Kiln vat')->json();
        $this->postJson('/api/v1/fish/'.$this->fish('Moss').'/losses', ['date' => self::TODAY, 'kind' => 'death', 'count' => 1])->assertCreated();
        $path = "/api/v1/move-sheets/{$page['sheet']['id']}";

        $this->getJson($path)->assertOk()->assertJsonPath('is_broken', true);
        $this->postJson("{$path}/finish")->assertUnprocessable();
        $this->deleteJson($path)->assertNoContent();
        $this->assertNotNull(MoveSheet::query()->findOrFail($page['sheet']['id'])->cancelled_at);
    }

    public function test_several_go_on_one_sheet_and_are_watched_as_one_addition(): void
    {
        $page = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Lock pond'), 'date' => self::TODAY, 'fish' => [['fish_id' => $this->fish('Hazel')], ['fish_id' => $this->fish('Yarrow')]]])->assertCreated()->json();
        $this->assertSame(['Hazel', 'Yarrow'], $page['sheet']['fish']);
        $this->getJson("/api/v1/move-sheets/{$page['sheet']['id']}")->assertOk();
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();

        $this->assertContains(['Hazel', 'Yarrow'], array_map(fn (array $addition): array => array_column($addition['watches'], 'name'), $this->getJson('/api/v1/moves')->assertOk()->json('additions')));
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/take-back")->assertOk();
    }

    public function test_its_steps_are_arranged_with_times_and_steps_of_ones_own(): void
    {
        $page = $this->plan('Moss', 'Kiln vat')->assertCreated()->json();
        $path = "/api/v1/move-sheets/{$page['sheet']['id']}/steps";
        $keys = array_column($page['steps'], 'key');
        $wanted = array_map(fn (string $key): array => ['key' => $key, 'length' => $key === 'carry' ? 7.5 : null], array_values(array_diff($keys, ['lid'])));
        [$wanted[0], $wanted[1]] = [$wanted[1], $wanted[0]];
        $arranged = $this->putJson($path, ['steps' => [...$wanted, ['words' => 'Phone the neighbour', 'phase' => 'before', 'length' => 2]]])->assertOk()->assertJsonPath('is_arranged', true);

        $this->assertSame([$keys[1], $keys[0], ...array_slice(array_values(array_diff($keys, ['lid'])), 2), 'own-1'], $arranged->json('steps.*.key'));
        $this->assertEquals(7.5, array_column($arranged->json('steps'), 'minutes', 'key')['carry']);
        $this->assertEquals(['own-1', 'before', 'Phone the neighbour', '', 2.0, null], array_values(collect($arranged->json('steps'))->firstWhere('key', 'own-1')));
        $this->putJson("{$path}/own-1", ['done' => true])->assertOk();

        $this->putJson($path, ['steps' => []])->assertOk()->assertJsonPath('is_arranged', false)->assertJsonPath('steps.*.key', $keys);
    }

    public function test_clocks_that_are_set_do_not_upset_the_watch(): void
    {
        Carbon::setTestNow('2027-03-27 21:00');
        $page = $this->plan('Moss', 'Kiln vat', '2027-03-27')->json();
        $this->unblock($page);
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();
        Carbon::setTestNow('2027-03-28 06:10');
        $id = $this->watchOf('Moss')['id'];
        $this->postJson("/api/v1/watches/{$id}/checks", ['has_eaten' => false, 'exceptions' => []])->assertCreated();
        $watch = $this->getJson("/api/v1/watches/{$id}")->json();

        $this->assertSame('2027-03-28T07:10', $watch['checks'][0]['at'], 'ten past seven on the wall, for the clocks went forward');
        $this->assertSame('done', array_column($watch['rounds'], 'state', 'at')['2027-03-28T07:00']);
    }

    public function test_a_look_that_a_phone_kept_is_of_the_moment_at_which_it_was_taken(): void
    {
        $id = $this->watchOf('Burr')['id'];
        $began = CarbonImmutable::parse(Watch::query()->findOrFail($id)->began_at, 'Europe/London');
        Carbon::setTestNow($began->addHours(5));
        $look = fn (CarbonImmutable $at): TestResponse => $this->postJson("/api/v1/watches/{$id}/checks", ['has_eaten' => true, 'exceptions' => [], 'at' => $at->utc()->format('Y-m-d\TH:i\Z')]);
        $look($began->addHours(2))->assertCreated();

        $this->assertContains($began->addHours(2)->format('Y-m-d\TH:i'), array_column($this->getJson("/api/v1/watches/{$id}")->json('checks'), 'at'), 'on the wall of the facility');
        $look($began->subHour())->assertUnprocessable()->assertJsonValidationErrorFor('at');
        $look($began->addHours(6))->assertUnprocessable()->assertJsonValidationErrorFor('at');
    }

    public function test_taken_out_by_one_tap_it_lives_alone_with_a_day_to_decide(): void
    {
        $watch = $this->watchOf('Burr');
        $refuge = $watch['refuge'];
        $this->assertNull($refuge, 'nothing stands empty at Heron Lock');
        $this->postJson("/api/v1/watches/{$watch['id']}/take-out")->assertUnprocessable()->assertJsonValidationErrorFor('watch');

        $bare = $this->postJson('/api/v1/systems', ['name' => 'Bare tank', 'kind' => 'tank', 'temperature' => '25', 'fittings' => ['bare-quarantine'], 'pools' => [['type' => 'box', 'length' => '120 cm', 'width' => '50 cm', 'depth' => '50 cm']]]);
        $bare->assertCreated();
        $this->assertSame('Bare tank', $this->watchOf('Burr')['refuge']);
        $sheet = $this->postJson("/api/v1/watches/{$watch['id']}/take-out")->assertCreated()->json('id');
        $burr = $this->getJson('/api/v1/fish/'.$this->fish('Burr'))->json();
        $this->assertSame('Bare tank', $burr['fish']['home']['name']);
        $this->assertSame('taken-out', $this->getJson("/api/v1/watches/{$watch['id']}")->json('ended'));
        $this->assertSame('2027-03-27', $this->getJson("/api/v1/move-sheets/{$sheet}")->json('sheet.until'));
        $this->assertSame('Gauge tank', $burr['fish']['next']['name'] ?? null, 'its place is kept');

        $this->postJson("/api/v1/move-sheets/{$sheet}/take-back")->assertOk();
        $this->assertSame('Gauge tank', $this->getJson('/api/v1/fish/'.$this->fish('Burr'))->json('fish.home.name'));
    }

    public function test_a_chase_seen_at_a_look_stands_in_the_log_of_both_until_the_look_is_taken_back(): void
    {
        $watch = $this->watchOf('Burr');
        $incidents = fn (string $fish): int => count($this->getJson("/api/v1/log?kinds=incident&fish={$this->fish($fish)}")->json('lines'));
        $before = [$incidents('Burr'), $incidents('Thistle')];
        $check = $this->postJson("/api/v1/watches/{$watch['id']}/checks", ['has_eaten' => false, 'exceptions' => [['watch_id' => $watch['id'], 'troubles' => ['fins'], 'has_eaten' => false, 'chased_by_id' => $this->fish('Thistle')]]])->assertCreated()->json('id');

        $this->assertSame([$before[0] + 1, $before[1] + 1], [$incidents('Burr'), $incidents('Thistle')]);
        $this->deleteJson("/api/v1/watch-checks/{$check}")->assertNoContent();
        $this->assertSame($before, [$incidents('Burr'), $incidents('Thistle')]);
    }

    public function test_a_plain_move_ends_a_quarantine_and_taking_it_back_takes_it_up_again(): void
    {
        $alder = $this->fish('Alder');
        $move = $this->postJson("/api/v1/fish/{$alder}/moves", ['to_system_id' => $this->system('Lock pond'), 'date' => self::TODAY])->assertCreated()->json('id');
        $this->assertSame([], $this->getJson('/api/v1/moves')->json('quarantines'));
        $this->deleteJson("/api/v1/moves/{$move}")->assertNoContent();
        $this->assertSame('Alder', $this->getJson('/api/v1/moves')->json('quarantines.0.name'));
    }

    public function test_quarantine_is_not_left_while_a_rule_fails(): void
    {
        $moves = $this->getJson('/api/v1/moves')->assertOk()->json('quarantines');
        $this->assertSame('Alder', $moves[0]['name']);
        $this->postJson("/api/v1/quarantines/{$moves[0]['id']}/release")->assertUnprocessable()->assertJsonValidationErrorFor('quarantine');
        Carbon::setTestNow('2027-04-05 09:00');
        $alder = $this->fish('Alder');
        $this->postJson("/api/v1/fish/{$alder}/health-observations", ['date' => '2027-04-05', 'is_eating' => true])->assertCreated();
        $this->postJson("/api/v1/quarantines/{$moves[0]['id']}/release")->assertOk();

        $id = $this->postJson("/api/v1/fish/{$alder}/quarantines", ['date' => '2027-04-05', 'credit' => 10])->assertCreated()->json('id');
        $this->assertSame('2027-04-23', $this->getJson('/api/v1/moves')->json('quarantines.0.ends'), 'the standard 28 days, less those served');
        $this->postJson("/api/v1/fish/{$alder}/quarantines", ['date' => '2027-04-05'])->assertUnprocessable();
        $treatment = $this->postJson("/api/v1/fish/{$alder}/treatments", ['product_class' => 'copper', 'dose' => 'by the label', 'date' => '2027-04-05', 'until' => '2027-04-20', 'withdrawal' => '2027-05-01'])->assertCreated()->json('id');
        $this->assertSame('2027-05-04', $this->getJson('/api/v1/moves')->json('quarantines.0.ends'), 'a fortnight after the last dose, when the treatment has worked off too');
        $this->deleteJson("/api/v1/treatments/{$treatment}")->assertNoContent();
        $this->postJson("/api/v1/fish/{$alder}/treatments", ['product_class' => 'copper', 'date' => '2027-04-05', 'until' => '2027-04-01'])->assertUnprocessable()->assertJsonValidationErrorFor('until');
        $this->deleteJson("/api/v1/quarantines/{$id}")->assertNoContent();
    }

    public function test_what_to_mind_of_a_product_is_told_before_it_is_given(): void
    {
        $cautions = array_column($this->getJson('/api/v1/treatment-products')->assertOk()->json(), 'caution', 'product_class');

        $this->assertStringContainsString('invertebrates', $cautions['copper']);
        $this->assertStringContainsString('vet', $cautions['antibiotic']);
        $this->assertSame('', $cautions['antifungal']);
    }

    public function test_bad_looks_are_refused(): void
    {
        $id = $this->watchOf('Burr')['id'];
        $this->postJson("/api/v1/watches/{$id}/checks", ['has_eaten' => false, 'exceptions' => [['watch_id' => $id, 'troubles' => ['mood'], 'has_eaten' => false]]])->assertUnprocessable();
        $this->postJson("/api/v1/watches/{$id}/checks", ['has_eaten' => false, 'exceptions' => [['watch_id' => $id, 'troubles' => [], 'has_eaten' => false, 'chased_by_id' => $this->fish('Burr')]]])->assertUnprocessable()->assertJsonValidationErrorFor('exceptions.0.chased_by_id');
        $this->postJson("/api/v1/watches/{$id}/interventions", ['intervention' => 'shout'])->assertUnprocessable();
        $this->postJson("/api/v1/watches/{$id}/interventions", ['intervention' => 'distract', 'stop_at' => 'soon'])->assertUnprocessable()->assertJsonValidationErrorFor('stop_at');
        $this->putJson("/api/v1/watches/{$id}/end", ['how' => 'settled'])->assertOk();
        $this->postJson("/api/v1/watches/{$id}/checks", ['has_eaten' => false, 'exceptions' => []])->assertUnprocessable()->assertJsonValidationErrorFor('watch');
        $this->assertSame('settled', Watch::query()->findOrFail($id)->ended);
    }

    public function test_a_viewer_moves_nothing(): void
    {
        $this->keeper->update(['role' => Role::Viewer]);

        $this->plan('Moss', 'Kiln vat')->assertForbidden();
        $this->getJson('/api/v1/moves')->assertOk();
    }

    private function plan(string $fish, string $to, string $date = self::TODAY): TestResponse
    {
        return $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system($to), 'date' => $date, 'fish' => [['fish_id' => $this->fish($fish)]]]);
    }

    /** @return array<string, mixed>|null what the round says of testing the water there */
    private function testDue(string $system): ?array
    {
        return array_values(array_filter($this->getJson('/api/v1/today')->assertOk()->json('due'), fn (array $row): bool => $row['kind'] === 'test' && $row['name'] === $system))[0] ?? null;
    }

    /** @param  array<string, mixed>  $page */
    private function unblock(array $page): void
    {
        if ($page['is_blocked']) {
            $this->putJson("/api/v1/move-sheets/{$page['sheet']['id']}", ['override_reason' => 'For the test'])->assertOk();
        }
    }

    /** @return array<string, mixed> */
    private function watchOf(string $name, bool $newest = false): array
    {
        $all = array_values(array_filter($this->getJson('/api/v1/moves')->json('additions.*.watches.*'), fn (array $watch): bool => $watch['name'] === $name));

        return $newest ? $all[count($all) - 1] : $all[0];
    }
}
