<?php

// What a plan says of its moves, and how good it is.
return [
    'plan' => [
        'first_today' => '{fish} moves to {to} today, {moves, plural, one {the only move} other {the first of {moves_words} moves}}.',
        'first' => '{fish} moves to {to} on {on}, {moves, plural, one {the only move} other {the first of {moves_words} moves}}.',
        'broken_today' => '{fish} has outgrown {system} or is not well housed there, and no move is planned.',
        'broken' => '{fish} can stay in {system} until {on}, and no move is planned.',
        'nothing' => 'Everybody can stay where they are until {until}.',
        'out_of_rule_as_it_is' => 'If nothing more is done, rules are broken on {days, plural, one {one day} other {# days}}, all fish together.',
        'keeps_all' => 'Every rule is kept; without it they would be broken on {without, plural, one {one day} other {# days}}, all fish together.',
        'out_of_rule' => 'Rules are broken on {days, plural, one {one day} other {# days}}, all fish together; without it on {without, plural, one {one day} other {# days}}.',
        'fewest' => 'No plan that keeps as much does with fewer than {moves, plural, one {one move} other {{moves_words} moves}}.',
        'not_fewest' => 'No plan that keeps as much does with fewer than {least, plural, one {one move} other {{least_words} moves}}; this one has {moves_words}.',
        'staying' => '{count, plural, one {One other fish or shoal stays where it is} other {{count_words} other fish and shoals stay where they are}}.',
        'why' => [
            'there' => '{fish} is in {system} that day.',
            'holds' => '{fish} could be in {system} from that day on, as far as the plan looks. The plan found it cheaper where it is.',
            'until' => '{fish} could be in {system} until {until}.',
        ],
        'concern' => [
            'earlier' => '{fish} may outgrow {from} by {by}, before it is to move on {planned}.',
            'broken' => '{fish} in {system} from {from} on: {says}',
            'plan_anew' => 'the plan no longer fits: {says}',
        ],
        'tried' => [
            'same' => 'It makes no difference to any rule.',
            'more' => 'It puts {fish} out of rule: {days, plural, one {one day} other {# days}} more, all together.',
            'fewer' => 'It keeps the rules longer for {fish}: {days, plural, one {one day} other {# days}} fewer out of rule, all together.',
            'shifted' => 'As many days out of rule as before, but now for {fish}.',
            'others_better' => 'It is better for {fish}.',
            'more_moves' => '{moves, plural, one {One move} other {# moves}} more.',
            'fewer_moves' => '{moves, plural, one {One move} other {# moves}} fewer.',
            'must_open' => '{homes} must be opened.',
            'need_not_open' => '{homes} need not be opened.',
        ],
        'unknown_seasons' => 'Write down how warm {system} is over the year: {fish} wants {wanted}.',
        'reason' => [
            'fixed' => 'It is written down already.',
            'share_reached' => '{fish} has reached {share} of what {system} holds.',
            'makes_room' => 'It makes room in {system} for {comers}.',
            'for_life' => '{system} holds it for life.',
            'shares_room' => 'Together they need more than {system} has.',
        ],
    ],
];
