<?php

// Letters.
return [
    'mail' => [
        'greeting' => 'Good day {name},',
        'password_subject' => 'A new password for {place}',
        'password' => 'choose a new password here. The link opens once, within an hour: {address}',
        'password_unasked' => 'If you did not ask for it, do nothing: the old password stays.',
    ],
];
