<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\PackageReader;
use App\Language\Messages;
use Biomegas\Finding\Refusal;
use Illuminate\Console\Command;
use Throwable;

/** A data package into an empty place. */
final class ImportCommand extends Command
{
    protected $signature = 'biomegas:import {file : The package}';

    protected $description = 'Reads a data package into an empty place: all of it or nothing.';

    public function handle(): int
    {
        try {
            PackageReader::configured()->read((string) $this->argument('file'));
        } catch (Refusal $refusal) {
            $this->components->error('Nothing was read. '.Messages::ofFacility()->say($refusal->finding()));

            return self::FAILURE;
        } catch (Throwable $e) {
            report($e);
            $this->components->error("Nothing was read. {$e->getMessage()}");

            return self::FAILURE;
        }
        $this->components->info('The package is read. Passwords are in no package: set one with biomegas:reset-password.');

        return self::SUCCESS;
    }
}
