<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Biomegas\Finding\Finding;
use Closure;
use Illuminate\Http\Request;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;
use Symfony\Component\HttpFoundation\Response;

/**
 * Signing in, out, and becoming the owner are asked by our own pages alone.
 * Requests from elsewhere have no session and no token against forgery, so
 * they are refused before anything is looked at or written.
 */
final class FromThisApplication
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return EnsureFrontendRequestsAreStateful::fromFrontend($request) && $request->hasSession()
            ? $next($request)
            : Problems::of(403, Finding::of('problem.from_elsewhere'));
    }
}
