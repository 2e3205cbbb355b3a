<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever is not signed in is answered without cookies: such an answer may
 * come after the one that signed in, and would take that session away.
 */
final class LeaveSessionsOfOthers
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response->getStatusCode() === Response::HTTP_UNAUTHORIZED) {
            $response->headers->remove('Set-Cookie');
        }

        return $response;
    }
}
