<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

/** A database of its own for a trial, and a file for the answers of the core. */
final readonly class TemporaryDatabase
{
    /**
     * @template T
     *
     * @param  callable(string): T  $work  is told where answers of the core are kept
     * @return T
     */
    public static function with(string $seeder, callable $work): mixed
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'biomegas');
        $answers = "{$file}-answers";
        config(['database.connections.sqlite.database' => $file, 'database.connections.sqlite.synchronous' => 'OFF', 'answers.database' => $answers, 'cache.default' => 'array', 'session.driver' => 'array']);
        DB::purge();
        DB::purge('answers');
        try {
            app(Kernel::class)->call('migrate', ['--force' => true]);
            app(Kernel::class)->call('db:seed', ['--class' => $seeder, '--force' => true]);

            return $work($answers);
        } finally {
            self::delete($file);
            self::delete($answers);
        }
    }

    public static function delete(string $file): void
    {
        array_map(fn (string $path): bool => @unlink($path), [$file, "{$file}-wal", "{$file}-shm"]);
    }
}
