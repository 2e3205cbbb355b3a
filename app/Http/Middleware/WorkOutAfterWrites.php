<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Facility\ReadMark;
use App\Jobs\WorkOutAhead;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Has worked out aside what a write of the facility changed; where there is no worker, whoever asks works it out. */
final class WorkOutAfterWrites
{
    private const MARK_BEFORE = 'read mark before the write';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe()) {
            $request->attributes->set(self::MARK_BEFORE, ReadMark::now());
        }

        return $next($request);
    }

    /** Once the answer is sent. */
    public function terminate(Request $request): void
    {
        if (! $request->isMethodSafe() && config('queue.default') !== 'sync' && ReadMark::now() !== $request->attributes->get(self::MARK_BEFORE)) {
            WorkOutAhead::dispatch();
        }
    }
}
