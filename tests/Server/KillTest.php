<?php

declare(strict_types=1);

namespace Tests\Server;

use App\Models\System;
use App\Models\WaterTest;
use Illuminate\Support\Facades\DB;

/** The server is killed while several write: what was acknowledged is there, once. */
final class KillTest extends ServerTestCase
{
    private const KILLS = 6;

    private const AT_ONCE = 8;

    private const MOST_WRITES = 5000;

    public function test_every_acknowledged_write_is_there_once(): void
    {
        $client = (new Client($this->server->url))->signIn();
        $system = System::query()->value('id');
        $written = 0;
        $open = [];
        for ($kill = 0; $kill <= self::KILLS; $kill++) {
            $killer = $kill < self::KILLS ? $this->killAfter(random_int(100, 700)) : null;
            do {
                for ($i = count($open); $i < self::AT_ONCE; $i++) {
                    $open[] = 'write '.++$written;
                }
                $answers = $client->sendAtOnce(array_map(fn (string $name): array => [
                    'POST', "/api/v1/systems/{$system}/water-tests", ['date' => now()->toDateString(), 'values' => ['ph' => '7.2'], 'note' => $name], ['Idempotency-Key' => $name],
                ], $open));
                // What was not acknowledged is sent again, under its own key.
                $open = array_values(array_filter($open, fn (string $name, int $i): bool => $answers[$i][0] !== 201, ARRAY_FILTER_USE_BOTH));
                $this->assertLessThan(self::MOST_WRITES, $written, 'the server was not killed');
            } while ($killer !== null && in_array(201, array_column($answers, 0), true));
            if ($killer !== null) {
                $killer();
                $this->server->start();
            }
        }

        $this->assertSame([], $open, 'in the end, everything was acknowledged');
        $notes = WaterTest::query()->where('note', 'like', 'write %')->pluck('note')->all();
        $this->assertGreaterThan(self::KILLS * self::AT_ONCE, $written);
        $this->assertEqualsCanonicalizing(array_map(fn (int $i): string => "write {$i}", range(1, $written)), $notes);
        $this->assertSame('ok', DB::selectOne('pragma integrity_check')->integrity_check);
        $this->assertSame([], DB::select('pragma foreign_key_check'));
        $this->assertSame(200, $client->send('GET', '/api/v1/today')[0]);
    }

    /** @return callable(): void waits until it has happened */
    private function killAfter(int $milliseconds): callable
    {
        $child = pcntl_fork();
        if ($child === 0) {
            usleep($milliseconds * 1000);
            $this->server->killGroup();
            posix_kill((int) getmypid(), SIGKILL); // Nothing of the test runs twice.
        }

        return function () use ($child): void {
            pcntl_waitpid($child, $status);
            $this->server->kill();
        };
    }
}
