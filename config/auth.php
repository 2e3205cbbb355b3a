<?php

use App\Models\User;

return [
    'defaults' => ['guard' => 'web', 'passwords' => null],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
    // Sign-in takes as long for unknown addresses because it checks a password all the same (SessionController), not by waiting.
    'timebox_duration' => 0,
];
