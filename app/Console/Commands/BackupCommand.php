<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFolder;
use App\Backup\BackupWriter;
use App\Models\FacilitySettings;
use Illuminate\Console\Command;
use Throwable;

/** Makes a backup while everything is in use. */
final class BackupCommand extends Command
{
    protected $signature = 'biomegas:backup {--nightly : Only if the nightly one is due; then takes away those that are kept no longer}';

    protected $description = 'Makes a backup of the database and all pictures, as one file.';

    public function handle(): int
    {
        $place = FacilitySettings::query()->first();
        if ($this->option('nightly') && ($place === null || ! BackupFolder::configured()->isDue(now($place->time_zone)->toImmutable(), config('backup.at')))) {
            return self::SUCCESS;
        }
        try {
            $backup = BackupWriter::configured()->make();
        } catch (Throwable $e) {
            report($e);
            $this->components->error("No backup was made. {$e->getMessage()}");

            return self::FAILURE;
        }
        $this->components->info("{$backup->path} ({$backup->bytes} bytes)");
        if ($this->option('nightly')) {
            foreach (BackupFolder::configured()->thin(config('backup.nights'), config('backup.months')) as $name) {
                $this->components->twoColumnDetail($name, 'kept no longer');
            }
        }

        return self::SUCCESS;
    }
}
