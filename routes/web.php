<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\PageController;
use Illuminate\Support\Facades\Route;

// Calendar programs have no session: whoever knows the address may read it.
Route::get('/calendar/{token}.ics', [CalendarController::class, 'feed'])->where('token', '[A-Za-z0-9]{20,64}')->middleware('throttle:calendar')->withoutMiddleware('web');

// Asked by whatever watches over the machine, also while nobody may come in.
Route::get('/up', [HealthController::class, 'show'])->withoutMiddleware('web');

// Kept on devices to be opened without a network.
Route::get('/shell', [PageController::class, 'shell']);

// Every page is one application.
Route::get('/{page?}', [PageController::class, 'show'])->where('page', '(?!api/|build/|calendar/).*');
