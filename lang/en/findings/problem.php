<?php

// Requests that cannot be answered, whatever they are about.
return [
    'problem' => [
        'has_owner' => 'This installation has an owner already. Sign in instead.',
        'too_many_tries' => 'Too many tries. Try again in {seconds, plural, one {a second} other {# seconds}}.',
        'wrong_password' => 'This address and password do not belong together.',
        'unreadable_key' => 'The header Idempotency-Key is unreadable or too long: {most} characters at most.',
        'used_key' => 'This Idempotency-Key was used for a different entry. Send a new key with a new entry.',
        'from_elsewhere' => 'This does not come from the application itself. Open its page and do it there.',
        'no_json_header' => 'Send the entry as JSON, with the header Content-Type: application/json.',
        'no_json' => 'The body is not valid JSON, or is nested more than {deepest} levels deep.',
        'no_object' => 'The body is not a JSON object.',
        'no_text' => 'This is not readable text (UTF-8).',
        'null_byte' => 'This text holds a character that cannot be written down. Type it again.',
        'infinite' => 'This number is too large.',
        'status_400' => 'This request cannot be read.',
        'status_403' => 'You may look here, but not change anything.',
        'status_404' => 'There is no such record.',
        'status_405' => 'This cannot be done at this address.',
        'status_413' => 'This is more than can be taken at once. Send less.',
        'status_419' => 'This page has been open for long. Load it again, then save.',
        'status_429' => 'Too many requests. Wait a moment, then try again.',
        'unknown_token' => 'This token is not known here. Make one on the page of the system.',
        'busy' => 'Another entry is being written. Try again in a moment.',
        'unanswered' => 'This request cannot be answered.',
        'failed' => 'Something went wrong here, and nothing was changed. What it was is in the log of the application.',
        'fields' => 'Some fields cannot be taken as they are. Look at the notes beside them.',
        'stale' => 'This was changed meanwhile. Look at it again before you change it.',
        'signed_out' => 'Sign in to go on.',
    ],
];
