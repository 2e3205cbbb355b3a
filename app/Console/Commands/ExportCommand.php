<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\PackageWriter;
use Illuminate\Console\Command;
use Throwable;

/** Everything as a data package. */
final class ExportCommand extends Command
{
    protected $signature = 'biomegas:export {file : Where to write it, for example biomegas.zip}';

    protected $description = 'Writes everything as a data package: CSV tables, their description, and photographs.';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (file_exists($file)) {
            $this->components->error("There is a file {$file} already.");

            return self::FAILURE;
        }
        try {
            PackageWriter::configured()->write($file);
        } catch (Throwable $e) {
            report($e);
            $this->components->error("Nothing was written. {$e->getMessage()}");

            return self::FAILURE;
        }
        $this->components->info("{$file} (".filesize($file).' bytes, '.(int) (memory_get_peak_usage() / 1e6).' MB of memory)');

        return self::SUCCESS;
    }
}
