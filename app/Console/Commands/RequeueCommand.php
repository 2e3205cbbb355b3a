<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Run before a worker starts. There is one at a time: what is still reserved then was left by one that was killed. */
final class RequeueCommand extends Command
{
    protected $signature = 'biomegas:requeue';

    protected $description = 'Lets go of what a killed worker left, so that the next one does it.';

    public function handle(): int
    {
        $left = DB::table('jobs')->whereNotNull('reserved_at')->update(['reserved_at' => null]);
        if ($left > 0) {
            $this->components->info("{$left} left by a worker that ended: done anew.");
        }

        return self::SUCCESS;
    }
}
