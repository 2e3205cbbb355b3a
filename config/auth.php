<?php

use App\Models\User;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
    // A link to a new password opens for an hour; another is mailed after a minute at the soonest.
    'passwords' => ['users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60]],
    // Sign-in takes as long for unknown addresses because it checks a password all the same (SessionController), not by waiting.
    'timebox_duration' => 0,
];
