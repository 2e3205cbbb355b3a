<?php

declare(strict_types=1);

use App\Health\Health;
use App\Http\Middleware\EnsureIdempotency;
use App\Http\Middleware\KnownSignIn;
use App\Http\Middleware\LeaveSessionsOfOthers;
use App\Http\Middleware\RefuseUnreadableInput;
use App\Http\Middleware\SendSecurityHeaders;
use App\Http\Middleware\SitterLink;
use App\Http\Middleware\WorkOutAfterWrites;
use App\Http\Middleware\WriteInOneTransaction;
use App\Http\Problems;
use App\Providers\AppServiceProvider;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Contracts\Session\Middleware\AuthenticatesSessions;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Cache;

return Application::configure(basePath: dirname(__DIR__))
    ->withProviders([AppServiceProvider::class])
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
    )
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    // A machine that slept at the hour makes up for it: each asks for itself whether it is due.
    ->withSchedule(function (Schedule $schedule): void {
        $schedule->call(fn () => Cache::forever(Health::SCHEDULER_SEEN, now()->toIso8601ZuluString()))->everyMinute();
        $schedule->command('biomegas:letter')->everyFifteenMinutes()->withoutOverlapping(30);
        $schedule->command('biomegas:backup', ['--nightly'])->everyFifteenMinutes()->withoutOverlapping(120);
    })
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->statefulApi();
        $middleware->redirectGuestsTo(fn () => null);
        $middleware->append([SendSecurityHeaders::class, LeaveSessionsOfOthers::class]);
        $middleware->api(append: [WorkOutAfterWrites::class], prepend: [RefuseUnreadableInput::class]);
        // Who may not learns nothing of what is there, and holds no lock. The lock comes before
        // the records of the route are looked up: they cannot change under the write.
        $middleware->priority([
            StartSession::class, AuthenticatesRequests::class, ThrottleRequests::class, AuthenticatesSessions::class, KnownSignIn::class,
            SitterLink::class, Authorize::class, WriteInOneTransaction::class, EnsureIdempotency::class, SubstituteBindings::class,
        ]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        Problems::renderIn($exceptions);
    })
    ->create();
