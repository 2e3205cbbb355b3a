<?php

declare(strict_types=1);

namespace Tests\Server;

use App\Models\System;
use App\Models\WaterTest;
use Illuminate\Support\Facades\DB;

/** The server is killed while several write: what was acknowledged is there, once. */
final class KillTest extends ServerTestCase
{
    private const KILLS = 20;

    private const LEAST_WRITES = 1000;

    private const AT_ONCE = 8;

    private const MOST_WRITES = 5000;

    private int $written = 0;

    /** @var list<string> names of writes that nobody has acknowledged */
    private array $open = [];

    /** @var list<int> of the last batch */
    private array $statuses = [];

    public function test_every_acknowledged_write_is_there_once(): void
    {
        $client = (new Client($this->server->url))->signIn();
        $path = '/api/v1/systems/'.System::query()->value('id').'/water-tests';
        for ($kill = 0; $kill < self::KILLS; $kill++) {
            $this->assertTrue($this->write($client, $path, self::AT_ONCE), 'the server answers: '.implode(', ', $this->statuses));
            $killer = $this->killAfter(random_int(1, 400));
            do {
                $isAnswered = $this->write($client, $path, self::AT_ONCE);
                $this->assertLessThan(self::MOST_WRITES, $this->written, 'the server was not killed');
            } while ($isAnswered);
            $killer();
            $this->server->start();
        }
        while ($this->written < self::LEAST_WRITES) {
            $this->write($client, $path, self::AT_ONCE);
        }
        for ($tries = 0; $this->open !== [] && $tries < 10; $tries++) {
            $this->write($client, $path, 0);
        }

        $this->assertSame([], $this->open, 'in the end, everything is acknowledged');
        $notes = WaterTest::query()->where('note', 'like', 'write %')->pluck('note')->all();
        $this->assertEqualsCanonicalizing(array_map(fn (int $i): string => "write {$i}", range(1, $this->written)), $notes);
        $this->assertSame('ok', DB::selectOne('pragma integrity_check')->integrity_check);
        $this->assertSame([], DB::select('pragma foreign_key_check'));
        $this->assertSame(200, $client->send('GET', '/api/v1/today')[0]);
    }

    /**
     * Sends what is open again, under its own key, and new ones with it.
     *
     * @return bool whether any was acknowledged
     */
    private function write(Client $client, string $path, int $atOnce): bool
    {
        while (count($this->open) < $atOnce) {
            $this->open[] = 'write '.++$this->written;
        }
        $answers = $client->sendAtOnce(array_map(fn (string $name): array => [
            'POST', $path, ['date' => now()->toDateString(), 'values' => ['ph' => '7.2'], 'note' => $name], ['Idempotency-Key' => $name],
        ], $this->open));
        $this->statuses = array_column($answers, 0);
        $sent = count($this->open);
        $this->open = array_values(array_filter($this->open, fn (string $name, int $i): bool => $answers[$i][0] !== 201, ARRAY_FILTER_USE_BOTH));

        return count($this->open) < $sent;
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
