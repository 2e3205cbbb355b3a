<?php

// Who lives with whom, who chases whom, and who is lost.
return [
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
        'case' => [
            'harm' => '{victim} came to harm by {actor} on {date}: {harm}.',
            'not_eating' => '{victim} does not eat, and {actor} goes for it.',
            'rising' => '{victim} is gone for more than before this week, last by {actor}.',
        ],
        'next' => [
            'lasted' => 'It lasted here on {date}.',
            'only_while' => 'Here it worked on {date} only while somebody stood there.',
            'no' => 'Here it did not help on {date}.',
        ],
        'pattern' => [
            'rising' => 'More is seen this week than in the four weeks before.',
            'falling' => 'Less is seen this week than in the four weeks before.',
            'light' => '{acts} of {timed} acts with a time on came {light}.',
            'pair' => '{acts} of {all} are between two: {actor} goes for {victim}.',
            'since_change' => 'From {before} in the week before to {after} in the week after: {step}, on {date}.',
            'since_fish' => 'From {before} in the week before to {after} in the week after: {fish} {change}, on {date}.',
            'newcomers' => '{resident} goes for newcomers and is done by the second day: {over} of {beaten} that it went for, of {newcomers} that came.',
            'harmless' => '{one} and {other} spar and leave no mark: {acts} times so far. No reason to part them.',
        ],
        'change' => '{fish} {change}.',
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
        'nobody_there' => '{actor} lived alone on {day}. Check the fish and the day.',
        'clock_ran_on' => 'The clock ran on for more than {hours} hours. Type for how many minutes somebody watched.',
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
