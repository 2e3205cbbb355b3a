<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Fish;
use App\Models\Incident;
use App\Models\System;
use App\Models\Watch;
use App\Models\WatchCheck;
use Illuminate\Testing\TestResponse;

/** Those that go into a home in one go are watched in one go; and one that comes back brings its record. */
final class AdditionTest extends OwnFacilityTestCase
{
    public function test_one_look_is_written_for_all_with_the_exceptions(): void
    {
        [$moss, $burr, $home] = $this->addition();

        $this->assertSame([[$moss->name, $burr->name]], array_map(fn (array $one): array => array_column($one['watches'], 'name'), $this->together($home)));
        $this->assertSame(["{$moss->name}, {$burr->name}"], $this->due());
        $first = $this->look($moss, ['watch' => $burr])->assertCreated()->json('id');
        $this->assertSame(2, WatchCheck::query()->count());
        $this->assertSame([true, false], WatchCheck::query()->orderBy('id')->pluck('has_eaten')->all());
        $this->assertSame([], $this->due());

        $this->deleteJson("/api/v1/watch-checks/{$first}")->assertNoContent();
        $this->assertSame(0, WatchCheck::query()->count(), 'the whole round is taken back');
    }

    public function test_a_chase_in_either_direction_stands_in_the_log_and_keeps_both_from_settling(): void
    {
        [$moss, $burr, $home] = $this->addition();
        $resident = Fish::factory()->livingIn($home)->create();
        $check = $this->look($moss, ['watch' => $burr, 'chases_id' => $resident->id])->assertCreated()->json('id');

        $this->assertSame([[$burr->id, $resident->id]], Incident::query()->get()->map(fn (Incident $one): array => [$one->fish_id, $one->target_id])->all());
        $this->assertStringContainsString("chased {$resident->name}", $this->sheet($burr)['sentence']);
        $this->assertNotNull($this->sheet($burr)['advice'], 'there is something to try');
        $this->assertNull($this->sheet($moss)['advice']);
        $this->deleteJson("/api/v1/watch-checks/{$check}")->assertNoContent();
        $this->assertSame(0, Incident::query()->count());
    }

    public function test_whom_the_exceptions_may_name(): void
    {
        [$moss] = $this->addition();
        [$other] = $this->addition();

        $this->look($moss, ['watch' => $other])->assertUnprocessable()->assertJsonValidationErrorFor('exceptions.0.watch_id');
        $this->look($moss, ['watch' => $moss, 'chases_id' => $moss->id])->assertUnprocessable()->assertJsonValidationErrorFor('exceptions.0.chases_id');
        $this->look($moss, ['watch' => $moss, 'chases_id' => $other->id])->assertUnprocessable()->assertJsonValidationErrorFor('exceptions.0.chases_id');
        $this->assertSame(0, WatchCheck::query()->count(), 'nothing is half saved');
    }

    public function test_one_that_comes_back_brings_its_record(): void
    {
        $home = System::factory()->create();
        $out = System::factory()->create();
        $burr = Fish::factory()->livingIn($home)->create();
        $bully = Fish::factory()->livingIn($home)->create();
        foreach ([['bit', 'torn-fin'], ['chased', 'none']] as [$act, $harm]) {
            $this->postJson('/api/v1/incidents', ['actor_id' => $bully->id, 'target_id' => $burr->id, 'act' => $act, 'harm' => $harm, 'date' => self::TODAY])->assertCreated();
        }
        $this->assertSame([], $this->move($burr, $out, ['is_time_out' => true, 'note' => 'torn to pieces']));

        $this->assertSame([
            "Taken out of {$home->name} before: {$burr->name}, on 13 March. It was written down: torn to pieces",
            "{$bully->name} left its mark on {$burr->name} on 13 March: a torn fin.",
            "Chased more often than it chased: {$burr->name} by {$bully->name}.",
        ], $this->move($burr, $home));
    }

    /** @return array{Fish, Fish, System} two that went into one home in one go */
    private function addition(): array
    {
        $home = System::factory()->create();
        $fish = [Fish::factory()->livingIn($home)->create(), Fish::factory()->livingIn($home)->create()];
        foreach ($fish as $one) {
            Watch::query()->create(['fish_id' => $one->id, 'system_id' => $home->id, 'began_at' => self::TODAY.'T06:45']);
        }

        return [...$fish, $home];
    }

    /** @param  array{watch: Fish, chases_id?: int}  $exception */
    private function look(Fish $fish, array $exception): TestResponse
    {
        $watchOf = fn (Fish $one): int => Watch::query()->where('fish_id', $one->id)->sole()->id;

        return $this->postJson("/api/v1/watches/{$watchOf($fish)}/checks", [
            'has_eaten' => true,
            'exceptions' => [['watch_id' => $watchOf($exception['watch']), 'troubles' => ['eating'], 'has_eaten' => false, 'chases_id' => $exception['chases_id'] ?? null]],
        ]);
    }

    /** @return array<string, mixed> */
    private function sheet(Fish $fish): array
    {
        return $this->getJson('/api/v1/watches/'.Watch::query()->where('fish_id', $fish->id)->sole()->id)->assertOk()->json();
    }

    /** @return list<array{watches: list<array<string, mixed>>}> */
    private function together(System $home): array
    {
        return array_values(array_filter($this->getJson('/api/v1/moves')->assertOk()->json('additions'), fn (array $one): bool => $one['home'] === $home->name));
    }

    /** @return list<string> whom to look at today */
    private function due(): array
    {
        return array_column(array_filter($this->getJson('/api/v1/today')->assertOk()->json('due'), fn (array $row): bool => $row['kind'] === 'watch'), 'name');
    }

    /**
     * @param  array<string, mixed>  $more
     * @return list<string> the record at the head of its sheet
     */
    private function move(Fish $fish, System $to, array $more = []): array
    {
        $page = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $to->id, 'date' => self::TODAY, 'fish' => [['fish_id' => $fish->id]], ...$more])->assertCreated()->json();
        $this->putJson("/api/v1/move-sheets/{$page['sheet']['id']}", ['override_reason' => 'must be'])->assertOk();
        $this->postJson("/api/v1/move-sheets/{$page['sheet']['id']}/finish")->assertOk();

        return $page['record'];
    }
}
