<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\FacilityReader;
use App\Facility\ProjectionCache;
use App\Jobs\WorkOutAhead;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

final class WorkOutAheadTest extends ApiTestCase
{
    public function test_a_write_of_the_facility_has_it_worked_out_aside_once_and_nothing_else_does(): void
    {
        config(['queue.default' => 'database']);
        Queue::fake();
        $this->getJson('/api/v1/today')->assertOk();
        $this->postJson("/api/v1/fish/{$this->fish('Sedge')}/measurements", ['date' => self::TODAY])->assertUnprocessable();
        $this->postJson("/api/v1/systems/{$this->system('Porch tank')}/water-tests", ['date' => self::TODAY, 'values' => ['nitrate_mg_l' => '30']])->assertCreated();
        Queue::assertNothingPushed();

        $this->measure('43.5 cm');
        Queue::assertPushed(WorkOutAhead::class, 1);
        $this->measure('43.6 cm');
        Queue::assertPushed(WorkOutAhead::class, 1);
    }

    public function test_without_a_worker_nothing_is_worked_out_in_the_write(): void
    {
        Queue::fake();
        $this->measure('43.5 cm');
        Queue::assertNothingPushed();
    }

    public function test_whoever_asks_then_finds_it_worked_out(): void
    {
        $this->getJson('/api/v1/today')->assertOk();
        // What an earlier run of this test has left would answer in its place.
        DB::connection('answers')->table('answers')->delete();
        $this->measure('43.5 cm');
        (new WorkOutAhead)->handle($this->app->make(FacilityReader::class), $this->app->make(ProjectionCache::class));
        $kept = $this->kept();
        $this->getJson('/api/v1/today')->assertOk();

        $this->assertNotSame([], $kept);
        $this->assertSame($kept, $this->kept(), 'nothing is worked out once more');
    }

    private function measure(string $length): void
    {
        $this->postJson("/api/v1/fish/{$this->fish('Sedge')}/measurements", ['date' => self::TODAY, 'length' => $length, 'method' => 'ruler', 'keep' => true])->assertCreated();
    }

    /** @return array<string, string> of what takes long: chains of homes, when homes are full, and what their water bears; by fingerprint */
    private function kept(): array
    {
        return DB::connection('answers')->table('answers')->where(fn (Builder $one): Builder => $one->where('fingerprint', 'like', 'homes ahead:%')->orWhere('fingerprint', 'like', 'full%')->orWhere('fingerprint', 'like', 'load:%'))->orderBy('fingerprint')->pluck('answer', 'fingerprint')->map(fn (string $answer): string => hash('xxh128', $answer))->all();
    }
}
