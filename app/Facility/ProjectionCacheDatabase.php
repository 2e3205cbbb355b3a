<?php

declare(strict_types=1);

namespace App\Facility;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/** The file that answers of the core are kept in, apart from the keeper's records: it is made when it is missing, and writing to it locks nobody out. */
final readonly class ProjectionCacheDatabase
{
    private const BUSY_MILLISECONDS = 200;

    public static function open(): Connection
    {
        $file = config('answers.database');
        if ($file !== ':memory:' && ! is_file($file)) {
            touch($file);
            chmod($file, 0600);
        }
        config(['database.connections.answers' => [
            'driver' => 'sqlite', 'database' => $file, 'prefix' => '', 'busy_timeout' => self::BUSY_MILLISECONDS, 'journal_mode' => 'WAL', 'synchronous' => 'OFF',
        ]]);

        return DB::connection('answers');
    }
}
