<?php

// Broods, and what comes when.
return [
    'brood' => [
        'same_fish' => 'Choose another: {fish} cannot be both parents.',
        'not_there' => '{fish} did not live there on {day}. Check the fish and the day.',
        'hybrids' => 'The young of {one} and {other} are hybrids: do not pass them on as either.',
        'guards' => 'Parents that guard drive off the others: watch them, or put a divider in.',
        'eaten' => 'Parents eat the eggs: take them out, or the eggs.',
        'young_of' => 'Young of {mother} and {father}.',
        'young_of_one' => 'Young of {mother}.',
        'kept_already' => 'The young of this brood are a shoal already.',
    ],
];
