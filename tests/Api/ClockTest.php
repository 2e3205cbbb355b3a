<?php

declare(strict_types=1);

namespace Tests\Api;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A machine whose clock goes wrong: set back by a year, and forward again. */
final class ClockTest extends ApiTestCase
{
    public function test_a_clock_that_is_set_back_loses_nothing_and_every_page_is_drawn(): void
    {
        $entries = DB::table('log_lines')->count();
        $fish = $this->fish('Bramble');
        Carbon::setTestNow('2026-03-13 09:00:00');
        foreach (['today', 'fish', 'systems', 'moves', 'log', 'lanes', 'company', 'rulebook', "fish/{$fish}", 'calendar', 'account', 'backups'] as $page) {
            $this->getJson("/api/v1/{$page}")->assertOk();
        }
        $this->postJson('/api/v1/notes', ['date' => '2026-03-13', 'text' => 'written by a wrong clock', 'fish_id' => null, 'system_id' => null, 'time' => null])->assertCreated();
        $this->postJson('/api/v1/notes', ['date' => '2027-03-13', 'text' => 'of a day to come', 'fish_id' => null, 'system_id' => null, 'time' => null])->assertUnprocessable()->assertJsonPath('errors.date.0', 'This day is still to come.');

        Carbon::setTestNow('2027-03-13 09:10:00');
        $this->assertSame($entries + 1, DB::table('log_lines')->count());
        $this->getJson('/api/v1/today')->assertOk();
        $this->getJson('/api/v1/log')->assertOk();
    }
}
