<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Mail\Letters;
use App\Models\FacilitySettings;
use Illuminate\Console\Command;

/** Run by the scheduler every few minutes: the letter of the morning goes out once, when its hour has come. */
final class LetterCommand extends Command
{
    protected $signature = 'biomegas:letter';

    protected $description = 'Sends the letter of the morning, if its hour has come and it has not gone out today.';

    public function handle(Letters $letters): int
    {
        $place = FacilitySettings::query()->first();
        if ($place === null || ! Letters::isDue($place)) {
            return self::SUCCESS;
        }
        $sent = $letters->send();
        $problem = FacilitySettings::query()->value('letter_problem');
        if ($problem !== null) {
            $this->components->error($problem);

            return self::FAILURE;
        }
        $this->components->info($sent === 0 ? 'Nothing is due, or nobody wants the letter.' : "The letter went to {$sent}.");

        return self::SUCCESS;
    }
}
