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
    'company' => [
        'pair' => [
            'alike' => '{one} and {other} are of one genus or look alike, and take each other for rivals.',
            'temper' => '{one} is hard on company: temper {temper} of 5.',
            'temper_stronger' => '{one} is hard on company, temper {temper} of 5, and much longer than {other}.',
            'nips' => '{one} nips fins, and {other} has long ones.',
            'steals_food' => '{one} is fast at the food and {other} is slow.',
            'diets' => '{one} and {other} want different food: one grazes, the other needs meat.',
            'water' => '{one} and {other} want different water, in acidity or hardness.',
            'bites' => '{one} bites pieces out of others: no size of {other} is safe.',
            'alone' => '{one} lives with its own species alone.',
            'salinity' => '{one} and {other} do not live in the same water: one wants salt.',
            'temperature' => '{one} and {other} have no temperature in common.',
        ],
        'rank' => [
            'not_clear' => 'Who rules is not clear yet: {contests, plural, one {one contest was} other {# contests were}} seen.',
            'boss' => '{boss} rules here, by {contests} contests. Who comes next is not clear yet.',
            'boss_and_second' => '{boss} rules here, then {second}, by {contests} contests.',
        ],
        'swallows' => '{predator}, {long}, can swallow {prey}, {short}.',
        'bites' => '{predator} bites pieces out of others: no size of {prey} is safe.',
        'same_fish' => 'Choose another fish: {fish} cannot be both.',
        'record' => [
            'taken_out' => '{times, plural, one {Taken out of {home} before} other {Taken out of {home} {times_words} times}}: {fish}, on {date}.',
            'taken_out_because' => '{times, plural, one {Taken out of {home} before} other {Taken out of {home} {times_words} times}}: {fish}, on {date}. It was written down: {reason}',
            'wounded' => '{other} left its mark on {fish} on {date}: {harm}.',
            'below' => 'Chased more often than it chased: {fish} by {others}.',
            'above' => 'Chased others more often than they did: {fish} stood above {others}.',
        ],
        'not_together' => '{actor} and {target} did not live in one home on {day}. Check the fish and the day.',
    ],
    'losses' => [
        'survival' => [
            'too_few' => 'Of {came} that came {deaths, plural, =0 {none died} other {# died}}: too few to say how long they live here.',
            'none_in_a_year' => 'Of {came} that came none died within a year.',
            'after_a_year' => 'Of {came} that came {share} live after a year: between {low} and {high}, from {deaths} deaths.',
        ],
        'already_gone' => 'Already gone from the record: {fish}.',
        'too_many' => 'Give a number from 1 to {there}: that many are there.',
    ],
];
