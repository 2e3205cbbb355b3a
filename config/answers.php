<?php

use App\Facility\CodeVersion;

return [
    // Where answers of the core are kept; the file may be deleted at any time.
    'database' => env('ANSWERS_DATABASE', storage_path('framework/cache/answers.sqlite')),

    // They hold for this version of the core, and of what reads for it, alone.
    'code' => implode('', array_map(fn (string $folder): string => CodeVersion::of(dirname(__DIR__)."/{$folder}"), ['core', 'app/Facility', 'app/Feeding', 'app/Models', 'app/Scenario'])),
];
