<?php

// What is thought of: what a keeper could do to a home, and what might come.
return [
    'suppose' => [
        'fitted' => 'Fit {system} with {fittings}.',
        'media' => 'Give the filter of {system} {litres} of media in place of {now}.',
        'kept_at' => 'Keep {system} at {celsius} in place of {now}.',
        'larger_change' => 'Change {share} of the water of {system} each week.',
        'fewer' => 'Keep {count} of {fish}: find another keeper for {less}.',
        'parted' => 'Part {fish}: {stay} stay together, {go} go their own way.',
        'rehomed' => 'Find another keeper for {fish}.',
        'divider' => 'Put a divider across {system} at {at} from the left, with {fish} alone on one side.',
        'ready_later' => '{system} is ready only on {on}.',
        'grows_large' => '{fish} grows fast, toward {adult}.',
        'one_more' => '{count, plural, one {One {species}} other {# {species}}} of {length} {count, plural, one {comes} other {come}} to {system}.',
    ],
];
