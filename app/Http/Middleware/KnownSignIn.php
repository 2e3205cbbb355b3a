<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\SignIns;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A session goes on while its sign-in stands: one that was ended elsewhere, or whose account was closed, is over at once. */
final readonly class KnownSignIn
{
    public function __construct(private SignIns $signIns)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        if ($this->signIns->standing($request) === null) {
            Auth::guard('web')->logout();
            if ($request->hasSession()) {
                $request->session()->invalidate();
            }
            throw new AuthenticationException;
        }

        return $next($request);
    }
}
