<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\FacilityReader;
use App\Facility\ProjectionCache;
use App\Jobs\WorkOutAhead;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

final class WorkOutAheadTest extends ApiTestCase
{
    public function test_a_write_has_it_worked_out_aside_once_and_what_only_asks_or_is_refused_does_not(): void
    {
        config(['queue.default' => 'database']);
        Queue::fake();
        $this->getJson('/api/v1/today')->assertOk();
        $this->postJson("/api/v1/fish/{$this->fish('Sedge')}/measurements", ['date' => self::TODAY])->assertUnprocessable();
        Queue::assertNothingPushed();

        $this->measure();
        $this->postJson("/api/v1/systems/{$this->system('Porch tank')}/water-tests", ['date' => self::TODAY, 'values' => ['nitrate_mg_l' => '30']])->assertCreated();
        Queue::assertPushed(WorkOutAhead::class, 1);
    }

    public function test_without_a_worker_nothing_is_worked_out_in_the_write(): void
    {
        Queue::fake();
        $this->measure();
        Queue::assertNothingPushed();
    }

    public function test_whoever_asks_then_finds_it_worked_out(): void
    {
        $this->getJson('/api/v1/today')->assertOk();
        $this->measure();
        (new WorkOutAhead)->handle($this->app->make(FacilityReader::class), $this->app->make(ProjectionCache::class));
        $kept = $this->kept();
        $this->getJson('/api/v1/today')->assertOk();

        $this->assertNotSame([], $kept);
        $this->assertSame($kept, $this->kept(), 'nothing is worked out once more');
    }

    private function measure(): void
    {
        $this->postJson("/api/v1/fish/{$this->fish('Sedge')}/measurements", ['date' => self::TODAY, 'length' => '43.5 cm', 'method' => 'ruler', 'keep' => true])->assertCreated();
    }

    /** @return array<string, string> of chains of homes, by fingerprint */
    private function kept(): array
    {
        return DB::connection('answers')->table('answers')->where('answer', 'like', '%HomesAhead%')->orderBy('fingerprint')->pluck('answer', 'fingerprint')->map(fn (string $answer): string => hash('xxh128', $answer))->all();
    }
}
