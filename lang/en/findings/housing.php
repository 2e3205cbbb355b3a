<?php

// What the rules of housing find of a home for a fish, and what would mend it.
return [
    'housing' => [
        'temperature' => [
            'not_shared' => 'No one temperature suits {fish} ({wanted}) and {other} ({others}).',
            'outside' => '{system} {season, select, winter {falls to {there} in winter} summer {rises to {there} in summer} other {is held at {there}}}; right for {fish}: {wanted}.',
            'hold' => 'Hold it at {range}.',
            'suits' => 'Its water suits: {wanted} is wanted.',
        ],
        'size' => [
            'fits' => 'At {at} {count, plural, one {it fits} other {the largest fits}}; {system} holds up to {most}.',
            'too_large' => 'At {at} {count, plural, one {it is} other {the largest is}} {binding}: {system} holds up to {most}.',
            'beyond' => 'Over {most} {count, plural, one {it is} other {the largest is}} {binding} in {system}.',
            'deep' => '{count, plural, one {Grown, it needs} other {Grown, they need}} water {depth} deep.',
            'larger' => '{count, plural, one {Grown, it needs} other {Grown, they need}} a home of {sides} inside.',
            'litres' => '{count, plural, one {Grown, it needs} other {Grown, they need}} {litres}.',
        ],
        'floor' => [
            'need' => '{needed} of floor needed {layer}, {there} there',
            'need_crowded' => '{needed} of floor needed {layer}, {there} there, crowded on purpose with a larger weekly change',
            'need_not_crowded' => '{needed} of floor needed {layer}, {there} there; not crowded on purpose, for {unmet}',
            'enough' => '{need}.',
            'too_many' => 'Too many for the floor: {need}.',
            'too_many_together' => 'Too many for the floor with those who live there: {need}.',
            'fewer_or_more' => '{fewer_words} fewer of them, or {more} more floor.',
            'more_or_fewer' => '{more} more floor, or fewer residents.',
        ],
        'crowding' => [
            'too_few' => 'fewer than {least_words} share it',
            'too_large' => 'it is for mid-sized fish, and one is larger',
            'unlike' => 'they are not of like size',
            'no_air' => 'it has no extra air and flow',
        ],
        'litres' => [
            'enough' => '{needed} needed by all who would live there, {there} there.',
            'too_few' => 'Too few litres: {needed} needed by all who would live there, {there} there.',
            'more' => '{more} more, or fewer fish.',
        ],
        'water' => [
            'enough' => 'Changing {share} of the water each week is enough.',
            'too_little' => 'Too little water in {system}: {share} of it would have to be changed each week.',
            'more' => 'More water, or fewer fish.',
        ],
        'swallowing' => [
            'nobody' => 'Nobody here fits into a mouth.',
            'join_from' => 'It may join from {length} on.',
        ],
        'group' => [
            'enough' => '{species} wants a group of {least_words} at least, and there would be {there_words}.',
            'too_few' => '{species} wants a group of {least_words} at least; there would be {there_words}.',
            'more' => '{more_words} more of them.',
            'two_males' => 'Two males of {species} are no pair and do not live together.',
            'pair_or_more' => 'One alone, a male and a female, or {least_words} at least.',
            'alone_or_pair' => '{species} may live alone or as a pair, or {least_words} at least.',
        ],
        'prey' => [
            'snails' => '{eater} eats snails: {prey} would not last.',
            'shrimp' => '{eater} eats shrimp: {prey} would not last.',
            'plants' => '{eater} eats the plants that {other} wants.',
        ],
        'species_only' => [
            'loner' => '{resident} lives with its own species alone.',
            'elsewhere' => 'Choose a home without {resident}.',
            'alone' => 'It lives with its own species alone, and {system} has nobody else.',
            'company' => 'It lives with its own species alone, and {resident} is there.',
            'own_home' => 'Give it a home of its own.',
        ],
        'company' => [
            'own_word' => 'You keep {newcomer} and {resident} apart: {reason}',
            'apart' => '{newcomer} and {resident} are best kept apart. {because_sentences}',
        ],
        'salinity' => [
            'suits' => '{system} is {there} water, as wanted.',
            'other' => '{system} is {there} water; right for {fish}: {wanted}.',
        ],
        'overflow' => [
            'safe' => 'The overflow has slots of {slot}, its body is about {body} thick.',
            'open' => 'It may go down the overflow: the overflow has slots of {slot}, its body is about {body} thick.',
            'guard' => 'Guard the overflow with a mesh.',
        ],
        'fittings' => [
            'there' => '{system} has {fittings}, as wanted.',
            'missing' => 'It wants {fittings}, which {system} has not.',
            'fit' => 'Fit {fittings}.',
            'cuts_liners' => '{species} digs itself in and cuts liners: never in {system}, unless its liner is out of reach.',
        ],
        'chemistry' => [
            'there' => 'The {quantity} there is {there}; {low} to {high} is liked.',
            'steady' => 'Keep it steady rather than chase the figure.',
            'tune' => 'Bring the {quantity} to {low} to {high}, slowly.',
        ],
    ],
];
