<?php

declare(strict_types=1);

namespace Tests\Api;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;

/**
 * Two writers on one SQLite file: a transaction takes the write lock before
 * its first read, so that a read cannot go stale under it.
 */
final class WritersWaitTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'biomegas');
        config(['database.connections.sqlite.database' => $this->file, 'database.connections.sqlite.busy_timeout' => 50]);
        DB::purge();
        DB::statement('create table notes (n integer)');
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        foreach (['', '-wal', '-shm'] as $end) {
            @unlink($this->file.$end);
        }
        parent::tearDown();
    }

    public function test_settings_are_in_effect(): void
    {
        foreach (['journal_mode' => 'wal', 'foreign_keys' => 1, 'synchronous' => 2, 'busy_timeout' => 50] as $pragma => $value) {
            $this->assertEquals($value, current((array) DB::selectOne("pragma {$pragma}")), $pragma);
        }
    }

    public function test_a_transaction_holds_the_write_lock_from_its_beginning(): void
    {
        $other = new PDO("sqlite:{$this->file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0]);
        DB::transaction(function () use ($other): void {
            DB::table('notes')->count();
            try {
                $other->exec('insert into notes values (1)');
                $this->fail('The other writer should have had to wait.');
            } catch (PDOException $busy) {
                $this->assertStringContainsString('locked', $busy->getMessage());
            }
            DB::table('notes')->insert(['n' => 2]);
        });
        $other->exec('insert into notes values (3)');

        $this->assertSame([2, 3], DB::table('notes')->pluck('n')->all());
    }

    public function test_a_transaction_that_cannot_begin_leaves_the_connection_usable(): void
    {
        $other = new PDO("sqlite:{$this->file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $other->exec('begin immediate');
        try {
            DB::transaction(fn () => $this->fail('should have waited in vain'));
        } catch (PDOException $busy) {
            $this->assertSame(5, $busy->errorInfo[1] ?? null);
        }
        $other->exec('rollback');

        DB::transaction(fn () => DB::table('notes')->insert(['n' => 7]));
        $this->assertSame([7], DB::table('notes')->pluck('n')->all());
    }
}
