<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupReader;
use App\Backup\Restoration;
use Illuminate\Console\Command;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Puts a backup in the place of what is there. */
final class RestoreCommand extends Command
{
    protected $signature = 'biomegas:restore {file : The backup} {--force : Does not ask}';

    protected $description = 'Checks a backup and puts it in the place of what is there, which is kept aside.';

    public function handle(Filesystem $files): int
    {
        $file = (string) $this->argument('file');
        if (! is_file($file)) {
            $this->components->error("There is no file {$file}.");

            return self::FAILURE;
        }
        if (! $this->option('force') && ! $this->components->confirm('Everything written since this backup will not be there any more; it is kept aside. Go on?')) {
            return self::FAILURE;
        }
        $wasDown = $this->laravel->isDownForMaintenance();
        if (! $wasDown) {
            $this->callSilently('down', ['--retry' => 10]);
        }
        DB::disconnect();
        try {
            $kept = (new Restoration(new BackupReader, $files))->of($file, config('database.connections.sqlite.database'), config('pictures.folder'));
        } catch (Throwable $e) {
            report($e);
            $this->components->error("Nothing was replaced. {$e->getMessage()}");

            return self::FAILURE;
        } finally {
            if (! $wasDown) {
                $this->callSilently('up');
            }
        }
        // What was worked out for the other data, and workers that still have it open.
        $this->callSilently('cache:clear');
        $this->callSilently('queue:restart');
        $this->components->info('The backup is in place.');
        $this->components->twoColumnDetail('What was there before is kept in', $kept);

        return self::SUCCESS;
    }
}
