<?php

// For somebody who looks after the fish for some days and need not know them.
return [
    'sitter' => [
        'feed' => 'For the whole day: {what}. What is left after five minutes comes out.',
        'medicine' => 'There is medicine in the food: {medicine}. Give it only if the keeper has put it ready.',
        'feed_one' => '{what} for {fish}',
        'no_feed' => 'Do not feed: they need nothing today.',
        'one_there' => '{fish} is there, upright and breathing quietly.',
        'shoal_there' => 'They are there: {fish}. They swim, none lies or gasps.',
        'all_there' => '{n, plural, =2 {Both} other {All #}} are there: {fish}. They swim or rest upright, none gasps.',
        'thermometer' => 'The thermometer shows {span}.',
        'running' => 'The filter runs, and the floor is dry.',
        'level' => 'The pump runs, and the water stands as high as yesterday.',
        'lid' => 'The lid is closed again when you leave.',
        'quarantine' => 'Somebody here may be ill: come here last, use its own net and bucket, and wash your hands.',
        'if_gasping' => 'If fish gasp at the surface: no more food today, switch on the air pump if there is one, and call {call}.',
        'if_not_eating' => 'If they leave their food: take it out and write it down. A day or two without food does not hurt a large fish; too much food does.',
        'if_dead' => 'If one is dead: take it out with the net, put it in a bag in the cold, write it down, and call {call}.',
        'if_jumped' => 'If one lies on the floor: wet your hands, put it back at once, close the lid, and call {call}. Do not do this with one that has spines or a sting: call first.',
        'if_water_out' => 'If there is water on the floor: do not touch plugs or anything electric that is wet. Switch off at the fuse box if you can reach it dry, and call {call}.',
        'if_power_cut' => 'If the power is out: do not feed, leave the lids on, and call {call}.',
        'day_over' => 'This page was for {from} to {until}. It is closed now.',
        'not_begun' => 'This page opens on {from}.',
        'fed' => '{sitter} fed {system}',
        'left_some' => '{sitter} fed {system}; some was left',
        'not_fed' => '{sitter} did not feed {system}',
        'fine' => '{sitter} looked at {system}: all well',
        'not_fine' => '{sitter} looked at {system}: not all well',
        'noted' => '{what}: {note}',
        'picture' => 'from {sitter}',
    ],
];
