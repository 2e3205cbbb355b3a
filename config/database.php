<?php

return [
    'default' => 'sqlite',

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('biomegas.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Milliseconds a writer waits for another one.
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            // A record that was confirmed survives a power cut.
            'synchronous' => 'FULL',
        ],
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
