<?php

// Groups: who makes them up, who is missing, and who parts from or joins them.
return [
    'group' => [
        'more_sexed_than_there' => 'That makes {sexed} males and females, and {there} are there.',
        'more_sized_than_there' => 'The sizes name {sized}, and {there} are there.',
        'two_sizes_of_one_name' => 'Two sizes have the same name: call them by different ones.',
        'part_of' => '{fish}: {there, plural, one {one is there, and nobody could be parted from it} other {# are there. Part at least one of them and leave at least one}}.',
        'not_so_many' => '{most, plural, =0 {None of them can be of that sort} one {Only one of them can be of that sort} other {Only # of them can be of that sort}}.',
        'no_such_size' => '{fish} has nobody who is called "{size}". Choose from the list.',
        'joins_itself' => 'It is that group itself. Choose another.',
        'joins_other_species' => '{fish} is of another species ({species}) than {shoal}.',
        'joins_elsewhere' => '{fish} and {shoal} live in different homes. Move it there first.',
        'missing' => '{missing, plural, one {One is} other {# are}} missing of {males, plural, one {# male} other {# males}}, {females, plural, one {# female} other {# females}}{unknown, plural, =0 {} other { and # not known}}, and nobody wrote down who.',
        'ratio' => [
            'pair' => 'A pair.',
            'fits' => 'That fits the ratio of the rulebook, {school} males to females.',
            'open' => 'Whether that fits the ratio of the rulebook, {school} males to females, depends on the {notSeen, plural, one {one} other {#}} whose sex is not known.',
            'females_short' => '{short, plural, one {One female} other {# females}} short of the ratio of the rulebook, {school} males to females.',
            'no_male' => 'There is no male among them.',
            'no_spare_male' => 'There is no spare male: the rulebook goes by {school}, so that another is left when the first is lost.',
        ],
    ],
];
