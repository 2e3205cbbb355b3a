<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Facility\FacilityReader;
use App\Facility\ProjectionCache;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * What changed with the last write is worked out before anybody asks: a length
 * stirs the homes ahead of whoever may come to live with that fish, which in a
 * large place takes seconds. Of what is asked meanwhile nothing waits for it.
 */
final class WorkOutAhead implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** It is only ahead of time: whoever asks works it out. */
    public int $tries = 1;

    /** Where no worker comes for days, one waits for each of them, seconds. */
    public int $uniqueFor = 86400;

    /** Several are written in a row: once is enough. */
    private const AFTER_SECONDS = 3;

    public function __construct()
    {
        $this->delay(self::AFTER_SECONDS);
    }

    public function handle(FacilityReader $reader, ProjectionCache $answers): void
    {
        $kept = $reader->read();
        // When a home is full rests on the homes ahead of all who live there.
        array_map($kept->full(...), $kept->facility->systems);
        array_map($kept->load(...), $kept->facility->systems);
        $answers->keep();
    }
}
