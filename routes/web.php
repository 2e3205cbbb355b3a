<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// Every page is one application; its own router reads the address.
Route::view('/{page?}', 'app')->where('page', '(?!api/|build/).*');
