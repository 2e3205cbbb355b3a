<?php

// What is refused in the description of a facility, its species, days and sizes.
return [
    'calendar' => [
        'feed' => [
            'move' => 'Move {fish} to {to}',
            'from' => 'From {from}.',
            'step' => '{system}: {step}',
            'look' => 'Look at {fish} in {home}',
            'quarantine' => '{fish}: quarantine is up',
            'quarantine_why' => 'It leaves when it eats and shows no sign.',
            'measure' => 'Measure {fish}',
            'lives_in' => 'Lives in {home}.',
        ],
        'unreadable' => '"{typed}" is not a day of the calendar. Write it as year-month-day, for example 2027-03-01.',
        'planned_too_far' => '{day} is more than {years} years ahead. Check the year.',
        'planned_in_the_past' => 'This day has passed: choose today or one to come.',
        'logged_in_the_future' => '{day} is in the future. Give the day on which it happened.',
        'logged_before_arrival' => '{fish} arrived on {arrived}. Give a day from then on.',
        'logged_after_it_was_gone' => 'Gone since {gone}: {fish}. Give a day until then, or take that entry back.',
    ],
    'measure' => [
        'length' => [
            'nothing' => 'Type a length, for example 24 cm or 9 1/2".',
            'unreadable' => '"{typed}" is not a length. Type a number with or without a unit, for example 24 cm, 240 mm or 9 1/2".',
            'unknown_unit' => 'The unit "{unit}" is not known. Use mm, cm, m, in or ft.',
            'not_positive' => 'A length must be more than zero.',
            'too_small' => '{length} is too small for a fish. Check the unit.',
            'too_long' => '{length} is longer than any fish that is kept. Check the unit.',
        ],
        'volume' => [
            'unreadable' => '"{typed}" is not a volume. Type a number with or without a unit, for example 200 l or 75 gal.',
            'unknown_unit' => 'The unit "{unit}" is not known. Use l, m3, gal or imp gal.',
        ],
    ],
    'fish' => [
        'weight_is_no_share' => 'The share of {species} is given as {weight}: give one from 0 to 1.',
        'hatched_in_the_future' => '{day} is still to come. Give the day on which it hatched.',
        'hatched_after_arrival' => 'It came on {arrived}: it had hatched by then. Give an earlier day.',
        'too_old' => 'It would be older than {years} years. Check the year.',
        'adult_below_measured' => 'On {day} it measured more than this already: give a larger adult length, or correct that entry.',
        'unknown_system' => '{fish} names the system "{key}", which is not described.',
    ],
    'species' => [
        'out_of_bounds' => '{value}: give a number from {least} to {most}. Is a decimal point missing?',
        'low_above_high' => '{value}: low must not be above high.',
        'too_narrow_or_too_wide' => '{value}: high must be {narrowest} to {widest} times low. No two animals are just alike, and none differ so much.',
        'out_of_order' => '{value}: low, typical and high must be above zero and in this order.',
        'temperatures_out_of_order' => 'temperature_c of {species}: minimum, best and maximum must rise, and the reference must lie between minimum and maximum.',
        'best_too_low' => 'temperature_c of {species}: best must be at least {least}, half a degree above the middle of minimum and maximum, or the growth response has no meaning.',
        'reference_too_cold' => 'temperature_c of {species}: growth at the reference temperature must be at least a fifth of that at the best. Choose a reference nearer to the best.',
    ],
    'rulebook' => [
        'no_such_method' => '{option}: "{answer}" is no answer. Choose one of {methods}.',
        'out_of_range' => '{parameter}: give a number from {least} to {most}.',
    ],
    'system' => [
        'no_room_inside_the_glass' => 'The outside sizes leave no room inside the glass.',
        'outline_crosses_itself' => 'The outline crosses itself. List its corners in order round the edge.',
        'outline_without_area' => 'The outline needs at least three corners that do not lie on one line.',
        'outline_measured_inside' => 'An outline is measured at its inside edge: leave out "outside".',
        'lights_out_of_order' => 'light: they come on first, then dim, then go out, all within one day.',
        'divider_outside' => 'The divider must stand inside the pool: between its two ends, which lie {apart} apart.',
        'divider_without_pool' => 'A divider stands in the pool "{pool}", which is not described.',
        'decor_fills_the_floor' => 'Rock and wood take more floor than there is. Check their measures.',
        'decor_fills_the_water' => 'Rock and wood take more room than there is. Check their measures.',
    ],
];
