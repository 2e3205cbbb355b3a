<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\HealthController;
use Illuminate\Support\Facades\Route;

// Calendar programs have no session: whoever knows the address may read it.
Route::get('/calendar/{token}.ics', [CalendarController::class, 'feed'])->where('token', '[A-Za-z0-9]{20,64}')->middleware('throttle:calendar')->withoutMiddleware('web');

// Asked by whatever watches over the machine, also while nobody may come in.
Route::get('/up', [HealthController::class, 'show'])->withoutMiddleware('web');

// Every page is one application; its own router reads the address.
Route::view('/{page?}', 'app')->where('page', '(?!api/|build/|calendar/).*');
