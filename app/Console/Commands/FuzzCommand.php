<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Fuzz\FuzzRun;
use App\Models\User;
use Database\Seeders\HeronLockSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

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
        $run = $this->inAFileOfItsOwn(function () use ($requests, $seed): FuzzRun {
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

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function inAFileOfItsOwn(callable $work): mixed
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'biomegas-fuzz');
        config(['database.connections.sqlite.database' => $file, 'database.connections.sqlite.synchronous' => 'OFF', 'cache.default' => 'array', 'session.driver' => 'array', 'logging.default' => 'null', 'answers.database' => "{$file}-answers"]);
        DB::purge();
        try {
            $this->callSilently('migrate', ['--force' => true]);
            $this->callSilently('db:seed', ['--class' => HeronLockSeeder::class, '--force' => true]);

            return $work();
        } finally {
            array_map(fn (string $one): bool => @unlink($one), [$file, "{$file}-wal", "{$file}-shm", "{$file}-answers", "{$file}-answers-wal", "{$file}-answers-shm"]);
        }
    }
}
