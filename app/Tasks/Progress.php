<?php

declare(strict_types=1);

namespace App\Tasks;

use Closure;
use ZipArchive;

/** Tells how far a long task is, and hears when it is to stop; both not more often than anybody looks. */
final class Progress
{
    private const EVERY_SECONDS = 0.4;

    private float $last = 0.0;

    private bool $isStopped = false;

    /**
     * @param  Closure(float): void  $tell  is told the share that is done
     * @param  Closure(): bool  $isStopAsked
     */
    public function __construct(private readonly Closure $tell, private readonly Closure $isStopAsked)
    {
    }

    /** @throws Stopped */
    public function reach(float $share): void
    {
        $now = hrtime(true) / 1e9;
        if ($now - $this->last >= self::EVERY_SECONDS) {
            $this->last = $now;
            ($this->tell)($share);
            $this->isStopped = ($this->isStopAsked)();
        }
        $this->throwIfStopped();
    }

    /**
     * While an archive is written, which ends without a result when it is stopped.
     *
     * @param  float  $from  the share of the work that is done before
     */
    public function follow(ZipArchive $zip, float $from = 0.0): void
    {
        $zip->registerProgressCallback(self::EVERY_SECONDS / 10, function (float $share) use ($from): void {
            try {
                $this->reach($from + (1 - $from) * $share);
            } catch (Stopped) {
                // The archive asks below; an exception cannot pass through it.
            }
        });
        $zip->registerCancelCallback(fn (): int => $this->isStopped ? -1 : 0);
    }

    /** @throws Stopped */
    public function throwIfStopped(): void
    {
        if ($this->isStopped) {
            throw new Stopped;
        }
    }
}
