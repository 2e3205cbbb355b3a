<?php

// What a plan says of its moves, and how good it is.
return [
    'plan' => [
        'reason' => [
            'fixed' => 'It is written down already.',
            'share_reached' => '{fish} has reached {share} of what {system} holds.',
            'makes_room' => 'It makes room in {system} for {comers}.',
            'for_life' => '{system} holds it for life.',
            'shares_room' => 'Together they need more than {system} has.',
        ],
    ],
];
