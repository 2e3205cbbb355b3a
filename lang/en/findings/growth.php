<?php

// What is asked about a length, and why no growth curve can be fitted.
return [
    'growth' => [
        'review' => [
            'shrunk' => 'This is shorter than the last length, and fish do not shrink. Check the length, the unit and the fish.',
            'jumped' => 'This is much longer than expected. Check the length, the unit and the fish.',
            'falls_short' => 'This is much shorter than expected. Check the length, the unit and the fish.',
            'unit_slip' => 'Did you mean {meant}? The unit, or fork for total length, may have slipped.',
            'other_fish' => 'This would be right for {other}, in the same home. Which fish was it?',
        ],
        'fit' => [
            'too_few' => 'A growth curve needs at least {needed} lengths at different ages, and there {given, plural, one {is #} other {are #}}.',
            'not_usable' => 'Length {number}: age and length must be finite numbers of at most a thousand million, and the length above zero.',
            'not_level' => 'The lengths do not level off, so no adult length can be told from them. Measure over a longer time.',
            'bad_start' => 'The start needs an asymptotic length above zero, a growth coefficient above zero and, unless it is fixed, an age; none beyond a thousand million.',
        ],
    ],
];
