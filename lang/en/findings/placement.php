<?php

// What is wrong with a placement problem, or why it has no plan.
return [
    'placement' => [
        'at' => '{path}: {says}',
        'format' => 'must be "biomegas-placement/1".',
        'no_system' => 'there must be one system at least.',
        'too_large' => 'units times systems times periods must be at most {most}.',
        'periods' => 'must be from 1 to {most}.',
        'no_list' => 'must be a list.',
        'no_object' => 'must be an object.',
        'no_text' => 'must be a text that is not empty.',
        'used_twice' => 'the key "{key}" is used twice.',
        'unnamed_loads' => 'where loads have names, every load, capacity and overload_cost must be an object by these names.',
        'load_missing' => 'must be an object by load name with "{name}" in it.',
        'no_object_by_system' => 'must be an object by system.',
        'to_before_from' => 'lies before "from".',
        'same_unit' => 'must be two different units.',
        'unknown_key' => 'no {what} has the key "{key}".',
        'list_of' => 'must be a list of {length}.',
        'no_number' => 'must be a finite number from 0 to a thousand million.',
        'no_whole_number' => 'must be a whole number, 0 or more.',
        'allowed_nowhere' => 'No plan is feasible because {unit} is allowed nowhere in period {period}.',
        'no_way_through' => 'No plan is feasible because {unit} finds no way through its allowed systems with a minimum stay of {stay}.',
        'no_places_apart' => 'No plan is feasible because {units} find no places apart in period {period}: some of them may not be together, and too few systems are allowed to them.',
        'no_way_apart' => 'No plan is feasible because units that may not be together find no way apart.',
        'not_in_time' => 'No feasible plan was found in time: units that may not be together leave little room. Give more seconds.',
    ],
];
