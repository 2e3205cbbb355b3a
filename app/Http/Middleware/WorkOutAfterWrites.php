<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Jobs\WorkOutAhead;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Has worked out aside what a write changed; where there is no worker, whoever asks works it out. */
final class WorkOutAfterWrites
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    /** Once the answer is sent. */
    public function terminate(Request $request, Response $response): void
    {
        if (! $request->isMethodSafe() && $response->isSuccessful() && config('queue.default') !== 'sync') {
            WorkOutAhead::dispatch();
        }
    }
}
