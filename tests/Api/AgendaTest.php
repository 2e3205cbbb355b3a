<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Fish;
use App\Models\HealthObservation;
use App\Models\MoveSheet;
use App\Models\Quarantine;
use App\Models\System;
use App\Models\User;
use App\Models\Watch;
use App\Models\WaterTest;
use Biomegas\Moving\Mixing\MixingWay;
use Illuminate\Support\Facades\DB;

/** What is due today, in a facility of one's own. */
final class AgendaTest extends OwnFacilityTestCase
{
    public function test_an_empty_facility_has_nothing_due(): void
    {
        $this->assertSame([], $this->due());
    }

    public function test_a_fish_that_was_never_measured_is_due_and_one_measured_yesterday_is_not(): void
    {
        $never = Fish::factory()->create();
        Fish::factory()->measuring(['2027-03-12' => 14.0])->create();

        $this->assertSame([['measure', $never->name, true]], $this->due());
    }

    public function test_a_move_is_due_on_its_day_and_late_after_it(): void
    {
        $barb = $this->measured();
        $this->sheet($barb, '2027-03-14');
        $this->assertSame([], $this->due());
        $this->sheet($barb, self::TODAY);
        $this->sheet($barb, '2027-03-12');

        $this->assertSame([['move', $barb->name, true], ['move', $barb->name, false]], $this->due());
    }

    public function test_a_move_that_was_begun_says_so_and_one_that_was_dropped_says_nothing(): void
    {
        $barb = $this->measured();
        $this->sheet($barb, self::TODAY, ['done' => ['lights-off' => self::TODAY.'T08:00']]);
        $this->sheet($barb, self::TODAY, ['cancelled_at' => now()]);

        $this->assertCount(1, $this->due());
        $this->assertStringContainsString('begun', $this->getJson('/api/v1/today')->json('due.0.words'));
    }

    public function test_an_interim_stay_that_should_have_ended_is_due_while_the_fish_is_there(): void
    {
        $barb = $this->measured();
        $sheet = $this->sheet($barb, '2027-02-20', ['finished_at' => '2027-02-20 10:00:00', 'until' => '2027-03-10']);
        $this->assertSame([], $this->due(), 'it never came there');
        $barb->stays()->update(['until' => '2027-02-20']);
        $barb->stays()->create(['system_id' => $sheet->to_system_id, 'from' => '2027-02-20']);

        $this->assertSame([['interim', $barb->name, true]], $this->due());
    }

    public function test_a_fish_in_quarantine_is_looked_at_once_a_day(): void
    {
        $barb = $this->measured();
        Quarantine::query()->create(['fish_id' => $barb->id, 'from' => '2027-03-01', 'days' => 42, 'credit' => 0]);
        $this->assertSame([['quarantine', $barb->name, false]], $this->due());
        HealthObservation::query()->create(['fish_id' => $barb->id, 'date' => self::TODAY, 'is_eating' => true]);

        $this->assertSame([], $this->due());
    }

    public function test_a_watch_is_due_until_somebody_has_looked(): void
    {
        $barb = $this->measured();
        $watch = Watch::query()->create(['fish_id' => $barb->id, 'system_id' => $barb->stays->sole()->system_id, 'began_at' => self::TODAY.'T06:45']);
        $this->assertSame([['watch', $barb->name, false]], $this->due());
        $this->postJson("/api/v1/watches/{$watch->id}/checks", ['has_eaten' => true, 'exceptions' => []], ['Idempotency-Key' => 'look-1'])->assertSuccessful();

        $this->assertSame([], $this->due());
    }

    public function test_late_things_come_first_then_it_goes_in_walking_order(): void
    {
        [$first, $second] = [System::factory()->create(), System::factory()->create()];
        $there = $this->measured($second);
        $here = $this->measured($first);
        foreach ([$there, $here] as $fish) {
            $this->sheet($fish, self::TODAY);
            $this->sheet($fish, '2027-03-01');
        }

        $this->assertSame([['move', $here->name, true], ['move', $there->name, true], ['move', $here->name, false], ['move', $there->name, false]], $this->due());
    }

    public function test_nitrite_stays_until_two_clean_tests_a_day_apart(): void
    {
        $home = System::factory()->create();
        $this->measured($home);
        $test = fn (string $day, float $nitrite): mixed => WaterTest::query()->create(['system_id' => $home->id, 'date' => $day, 'values' => ['nitrite_mg_l' => $nitrite]]);
        $test('2027-03-10', 0.2);

        $this->assertSame([['danger', $home->name, false]], $this->due());
        $test('2027-03-11', 0.0);
        $this->assertSame([['danger', $home->name, false]], $this->due());
        $test('2027-03-12', 0.0);
        $this->assertSame([], $this->due());
        $test('2027-03-12', 2.0);
        $this->assertSame([['danger', $home->name, true]], $this->due(), 'above the alarm');
    }

    public function test_an_inspection_of_its_species_is_settled_by_one_tap_and_may_be_taken_back(): void
    {
        $fish = $this->measured();
        DB::table('species')->where('id', $fish->species_id)->update(['own' => json_encode(['inspections' => [['what' => 'teeth', 'every_days' => 30]]])]);

        $this->assertSame([['inspection', $fish->name, false]], $this->due());
        $id = $this->postJson("/api/v1/fish/{$fish->id}/inspections", ['date' => self::TODAY, 'what' => ['teeth']])->assertCreated()->json('id');
        $this->assertSame([], $this->due());
        $this->assertSame("{$fish->name}: looked at teeth", $this->getJson("/api/v1/log?fish={$fish->id}")->json('lines.0.sentence'));
        $this->deleteJson("/api/v1/inspections/{$id}")->assertNoContent();
        $this->assertSame([['inspection', $fish->name, false]], $this->due());
        $this->postJson("/api/v1/fish/{$fish->id}/inspections", ['date' => '2031-01-01', 'what' => ['teeth']])->assertUnprocessable()->assertJsonValidationErrors(['date']);
        $this->postJson("/api/v1/fish/{$fish->id}/inspections", ['date' => self::TODAY, 'what' => []])->assertUnprocessable()->assertJsonValidationErrors(['what']);
    }

    public function test_some_of_a_shoal_are_named_with_their_number(): void
    {
        $barbs = $this->measured(count: 12);
        $this->sheet($barbs, self::TODAY, count: 5);

        $this->assertSame([['move', "5 of {$barbs->name}", false]], $this->due());
    }

    public function test_one_who_may_only_look_sees_it_and_changes_nothing(): void
    {
        $this->sheet($this->measured(), self::TODAY);
        $this->actingAs(User::factory()->viewer()->create());

        $this->assertCount(1, $this->due());
        $this->postJson('/api/v1/fish/1/losses', ['date' => self::TODAY, 'kind' => 'died', 'count' => 1], ['Idempotency-Key' => 'loss-1'])->assertForbidden();
    }

    /** Nothing is due about it by itself. */
    private function measured(?System $home = null, int $count = 1): Fish
    {
        $fish = Fish::factory()->measuring(['2027-03-12' => 14.0])->state(['count' => $count]);

        return ($home === null ? $fish : $fish->livingIn($home))->create();
    }

    /** @param  array<string, mixed>  $columns */
    private function sheet(Fish $fish, string $day, array $columns = [], ?int $count = null): MoveSheet
    {
        $sheet = MoveSheet::query()->create([
            'from_system_id' => $fish->stays()->firstOrFail()->system_id, 'to_system_id' => System::factory()->create()->id,
            'planned_on' => $day, 'mixing' => MixingWay::TakeOut, 'container_tenth_litres' => 200, 'done' => [], ...$columns,
        ]);
        $sheet->fish()->create(['fish_id' => $fish->id, 'count' => $count]);

        return $sheet;
    }

    /** @return list<array{string, string, bool}> kind, name and whether it is late */
    private function due(): array
    {
        return array_map(fn (array $row): array => [$row['kind'], $row['name'], $row['is_late']], $this->getJson('/api/v1/today')->assertOk()->json('due'));
    }
}
