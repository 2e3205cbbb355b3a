<?php

declare(strict_types=1);

namespace Tests\Server;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Tests\Api\DemoDatabase;

/** Heron Lock behind a real server, today: what only several processes at once can show. */
abstract class ServerTestCase extends TestCase
{
    protected RunningServer $server;

    protected string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = DemoDatabase::use(isFilled: true);
        // The server reads and writes the file meanwhile.
        config(['database.connections.sqlite.journal_mode' => 'WAL']);
        DB::purge();
        $this->server = new RunningServer($this->file);
        $this->server->start();
    }

    protected function tearDown(): void
    {
        $this->server->kill();
        DB::disconnect();
        array_map(fn (string $end): bool => @unlink($this->file.$end), ['-wal', '-shm', '-answers', '-answers-wal', '-answers-shm', '-config.php', '-routes.php', '-events.php']);
        parent::tearDown();
    }
}
