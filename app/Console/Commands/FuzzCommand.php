<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Fuzz\FuzzRun;
use App\Bench\TemporaryDatabase;
use App\Models\User;
use Database\Seeders\HeronLockSeeder;
use Illuminate\Console\Command;

/** Spoiled requests in great number against the demo in a file of its own. */
final class FuzzCommand extends Command
{
    private const MOST_REQUESTS = 1_000_000;

    protected $signature = 'biomegas:fuzz {--requests=20000 : how many} {--seed=1 : the same seed sends the same}';

    protected $description = 'Try whether any request takes the application down';

    public function handle(): int
    {
        if (app()->isProduction()) {
            $this->error('Not in production: this writes nonsense, if to a file of its own.');

            return 2;
        }
        [$requests, $seed] = [(string) $this->option('requests'), (string) $this->option('seed')];
        if (! ctype_digit($requests) || (int) $requests < 1 || (int) $requests > self::MOST_REQUESTS || ! ctype_digit($seed)) {
            $this->error('Give --requests as a whole number from 1 to '.self::MOST_REQUESTS.', and --seed as a whole number.');

            return 2;
        }
        config(['logging.default' => 'null']);
        $run = TemporaryDatabase::with(HeronLockSeeder::class, function () use ($requests, $seed): FuzzRun {
            $run = new FuzzRun(app(), User::query()->firstOrFail(), (int) $seed, now()->toDateString());
            $progress = $this->output->createProgressBar((int) $requests);
            $run->run((int) $requests, $progress->setProgress(...));
            $progress->clear();

            return $run;
        });
        ksort($run->statuses);
        $this->table(['answer', 'times'], array_map(null, array_keys($run->statuses), array_values($run->statuses)));
        foreach ($run->findings as $finding) {
            $this->line((string) $finding);
        }
        $this->line(array_sum($run->statuses).' requests, '.count($run->findings).' findings.');

        return $run->findings === [] ? self::SUCCESS : self::FAILURE;
    }
}
