<?php

use Laravel\Sanctum\Sanctum;

return [
    // The page is served from where it is asked for, whatever the port.
    'stateful' => [Sanctum::$currentRequestHostPlaceholder],
];
