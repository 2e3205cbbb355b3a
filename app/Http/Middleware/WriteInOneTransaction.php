<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Runs a write in one transaction that holds the write lock from before the
 * records of the route are looked up: what a controller sees is what is there
 * until it is done, and nothing is half written.
 */
final class WriteInOneTransaction
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        DB::beginTransaction();
        $response = $next($request);
        if ($response->isSuccessful()) {
            DB::commit();
        } else {
            DB::rollBack();
        }

        return $response;
    }
}
