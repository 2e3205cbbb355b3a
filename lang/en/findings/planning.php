<?php

// Weighing up before a fish is bought, homes to build, systems that fill up.
return [
    'weigh_up' => [
        'too_long' => 'No {species} is that long. Check the unit, or what it is.',
        'do_not' => 'Do not: {because}',
        'only_if' => 'Take {count, plural, one {it} other {them}} only if {conditions}.',
        'take' => 'Take {count, plural, one {it} other {them}}: {chain}.',
        'holds_for_life' => '{many, plural, one {{first} holds} other {{homes_then} hold}} {count, plural, one {it} other {them}} for life',
        'holds_ten_years' => '{many, plural, one {{first} holds} other {{homes_then} hold}} {count, plural, one {it} other {them}} for ten years at least',
        'sick' => 'it shows signs of disease. Come back when it has been well for weeks.',
        'nowhere' => 'no home here takes {count, plural, one {it} other {them}} now. {because_sentences}',
        'no_system' => 'there is no system yet.',
        'built' => '{home} is ready by {by}',
        'fallback' => 'you know where {count, plural, one {it goes} other {they go}} if that fails',
        'eats_first' => 'you see {count, plural, one {it} other {them}} eat first',
        'quarantine' => 'a home is freed for {days, plural, one {a day} other {# days}} of quarantine',
        'grown_first' => '{count, plural, one {it is} other {they are}} {length} long or more, too long to be swallowed',
        'gets_on' => '{count, plural, one {it gets on} other {they get on}} with {names} in {system}, {how, select, grown {grown out to their size first} other {small enough to be ignored}}',
        'bring' => 'you bring {change_inline}',
        'mend' => 'you {change_inline} in {system}',
    ],
    'caution' => [
        'noted' => '{text}',
        'breed_one_to_two' => 'If they are to breed: one male to two females.',
        'breed_one_to_three' => 'If they are to breed: one male to three females.',
        'breed_in_pairs' => 'If they are to breed: as many males as females.',
        'disease' => 'Prone to disease: look at it long, and keep its quarantine in full.',
        'no_feeder_fish' => 'No feeder fish: they bring disease. Make sure that it takes dead food.',
        'cultured_food' => 'Live food only as cultured at home: feeder fish bring disease.',
        'hard_on_company' => 'Hard on company: know where it goes before it comes.',
        'never_release' => 'Never release it into the wild.',
    ],
    'build' => [
        'tank' => 'a tank of {sides} inside',
        'vat' => 'a vat of {sides} inside',
        'heated_vat' => 'a heated vat of {sides} inside',
        'pond' => 'a pond of {sides} inside',
        'heated_pond' => 'a heated pond of {sides} inside',
    ],
    'full' => [
        'floor' => 'floor full',
        'fish' => '{fish}: {binding}',
    ],
    'fallback' => [
        'outgrows' => 'it outgrows its home and no other here takes it',
        'hard_on_company' => 'its species is hard on company',
    ],
];
