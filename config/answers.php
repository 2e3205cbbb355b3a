<?php

use App\Facility\CodeVersion;

return [
    // Where answers of the core are kept; the file may be deleted at any time.
    'database' => env('ANSWERS_DATABASE', storage_path('framework/cache/answers.sqlite')),

    // They hold for this version of the code alone.
    'code' => CodeVersion::running(dirname(__DIR__)),
];
