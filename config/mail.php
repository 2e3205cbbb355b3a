<?php

return [
    // "mailbox": letters are kept here and read under Settings. "smtp": they are sent.
    'default' => env('MAIL_MAILER', 'mailbox'),

    'mailers' => [
        'mailbox' => ['transport' => 'mailbox'],
        'smtp' => [
            'transport' => 'smtp',
            // "smtps" for TLS from the first byte; empty: TLS where the server offers it.
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
    ],

    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'biomegas@localhost'), 'name' => env('MAIL_FROM_NAME', 'Biomegas')],
];
