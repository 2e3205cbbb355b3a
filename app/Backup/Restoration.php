<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/** Puts a backup in the place of what is there, which is kept aside. */
final readonly class Restoration
{
    public function __construct(private BackupReader $reader, private Filesystem $files)
    {
    }

    /**
     * Checks first and replaces afterwards: what is there is not touched before the backup has turned out whole.
     *
     * @return string the folder in which the replaced data is kept
     *
     * @throws DamagedBackup
     * @throws RuntimeException when it comes from a later version, or something cannot be written
     */
    public function of(string $backup, string $database, string $pictures): string
    {
        $stamp = now()->utc()->format('Ymd-His');
        $aside = dirname($database)."/restoring-{$stamp}";
        $replaced = dirname($database)."/replaced-{$stamp}";
        if (! mkdir($aside, 0700, true)) {
            throw new RuntimeException("No folder can be made at {$aside}.");
        }
        try {
            $this->checkSchema($this->reader->unpack($backup, $aside));
            $this->migrate("{$aside}/".BackupWriter::DATABASE);
            $this->swap($aside, $replaced, $database, $pictures);
        } finally {
            $this->files->deleteDirectory($aside);
        }

        return $replaced;
    }

    private function checkSchema(string $schema): void
    {
        $newest = basename((string) last(glob(database_path('migrations/*.php')) ?: []), '.php');
        if (strcmp($schema, $newest) > 0) {
            throw new RuntimeException('This backup was made by a later version of Biomegas. Upgrade first.');
        }
    }

    /** A backup of an earlier version becomes one of this. */
    private function migrate(string $file): void
    {
        $before = config('database.connections.sqlite.database');
        config(['database.connections.sqlite.database' => $file]);
        DB::purge('sqlite');
        try {
            if (Artisan::call('migrate', ['--force' => true]) !== 0) {
                throw new RuntimeException('The backup could not be brought to this version: '.Artisan::output());
            }
            // Everything stands in the one file that is moved.
            DB::statement('pragma wal_checkpoint(truncate)');
            DB::statement('pragma journal_mode = delete');
        } finally {
            DB::purge('sqlite');
            config(['database.connections.sqlite.database' => $before]);
        }
    }

    private function swap(string $aside, string $replaced, string $database, string $pictures): void
    {
        mkdir($replaced, 0700);
        $moves = [
            [$database, "{$replaced}/".basename($database)], ["{$database}-wal", "{$replaced}/".basename($database).'-wal'], ["{$database}-shm", "{$replaced}/".basename($database).'-shm'],
            [$pictures, "{$replaced}/pictures"], ["{$aside}/pictures", $pictures], ["{$aside}/".BackupWriter::DATABASE, $database],
        ];
        $done = [];
        try {
            foreach ($moves as [$from, $to]) {
                if (file_exists($from)) {
                    if (! $this->files->move($from, $to)) {
                        throw new RuntimeException("{$from} could not be moved to {$to}.");
                    }
                    $done[] = [$from, $to];
                }
            }
        } catch (Throwable $e) {
            // The way back: everything as it was.
            foreach (array_reverse($done) as [$from, $to]) {
                $this->files->move($to, $from);
            }
            throw $e;
        }
    }
}
