<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The framework reads broken JSON as an empty body, and would then blame a field that was sent. */
final class RefuseMalformedJson
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->getContent();
        if ($request->isJson() && $body !== '' && json_decode($body) === null && json_last_error() !== JSON_ERROR_NONE) {
            return Problems::response(400, 'The body is not valid JSON.');
        }

        return $next($request);
    }
}
