<?php

use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Laravel\Sanctum\Sanctum;

return [
    'stateful' => [Sanctum::$currentRequestHostPlaceholder],

    // Which sessions go on when a password changes is decided by App\People\SignIns alone.
    'middleware' => ['authenticate_session' => null, 'encrypt_cookies' => EncryptCookies::class, 'validate_csrf_token' => ValidateCsrfToken::class],
];
