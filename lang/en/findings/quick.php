<?php

// Why a line of quick entry cannot be written down yet.
return [
    'quick' => [
        'whom' => 'Say of whom: begin with the name of a fish or a home.',
        'by_whom' => 'Say who did it to {fish}.',
        'which_home' => 'Say in which home.',
        'what_of_it' => 'Say what of it: a length, a count, whom it chased, how it was lost.',
        'how_lost' => 'Say how {fish} was lost: died, eaten, jumped, vanished, rehomed.',
        'how_many' => 'Say how many of {fish}, and whether they were caught, seen or guessed.',
        'how_much_water' => 'Say how much of the water, in per cent: 30%.',
        'what_was_measured' => 'Say what was measured in {system}: nitrate 40 ph 7.2.',
        'not_understood' => 'Not understood: {left}. Write it as a note, or leave it out.',
        'refused' => '{says}',
        'no_words' => 'Write a few words after it.',
    ],
];
