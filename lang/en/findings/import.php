<?php

// Rows of a table of fish and lengths that cannot be taken as they are.
return [
    'import' => [
        'empty' => 'Type or paste at least one row.',
        'too_many' => 'Up to {most} rows at a time: these are {there}. Take some out, and add them afterwards.',
        'no_good_row' => 'None of the rows can be taken as it is. What to do stands beside each.',
        'name_missing' => 'Give it a name.',
        'name_too_long' => 'Give a name of up to 60 letters.',
        'name_taken' => '{name} lives here already and is another species. Give this one a different name.',
        'species_missing' => 'Say what it is.',
        'species_unknown' => 'No species here is called "{typed}". Correct it, or add that species first.',
        'species_of_several' => '"{typed}" is used for {names}. Write which.',
        'too_many_possible' => 'Name up to {most} species that it may be.',
        'possible_twice' => 'The same species stands here twice.',
        'system_missing' => 'Say which system it lives in.',
        'system_unknown' => 'No system here is called "{typed}".',
        'count' => 'Give how many as a whole number, 1 or more.',
        'sexed' => 'Give how many as a whole number, or leave it empty.',
        'date' => '"{typed}" is no day. Write it like 2026-11-03 or 3 Nov 2026.',
        'before_arrival' => '{name} came on {day}: give a later day.',
        'length_missing' => '{name} stands here already: give a length to add to it.',
        'first_row_first' => 'First mend line {line}, which brings this fish.',
        'longer_than_known' => '{species} of {length} is longer than it is known to become ({adult}). It is taken as it is.',
    ],
];
