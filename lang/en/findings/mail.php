<?php

// Letters.
return [
    'mail' => [
        'greeting' => 'Good day {name},',
        'password_subject' => 'A new password for {place}',
        'password' => 'choose a new password here. The link opens once, within an hour: {address}',
        'letter_subject' => '{place}, {on}: {n, plural, one {one thing is} other {# things are}} due',
        'letter_subject_danger' => '{place}, {on}: danger in {danger, plural, one {one place} other {# places}}, {n} due in all',
        'line' => '{name}: {what_inline}',
        'line_in' => '{name} ({system}): {what_inline}',
        'pressing' => '! {line}',
        'measure' => 'measure it',
        'measure_late' => 'measure it, {what_inline}',
        'look' => 'have a look',
        'letter_more' => 'And {n} more.',
        'letter_page' => 'All of it: {address}',
        'not_sent' => 'The letter could not be sent; it is tried again every quarter of an hour. The mail server says: {reason}',
        'sitter_subject' => 'Not all is well in {system}',
        'sitter' => '{sitter} saw in {system}: {note}',
        'sitter_was_told' => 'Who is to be called, as the page says: {call}',
        'password_unasked' => 'If you did not ask for it, do nothing: the old password stays.',
    ],
];
