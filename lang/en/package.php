<?php

// What stands in a data package, for whoever opens it without this application.
return [
    'title' => ':place: fish, homes, water and the log',
    'utc' => 'UTC',
    'json' => 'JSON',
    'photographs' => 'Photographs by the number of their row in the table pictures: full, as they came; sheet and thumb smaller.',
    'readme' => <<<'TEXT'
        # :place

        Everything that Biomegas keeps of this place: a Frictionless Data Package.

        - `datapackage.json` describes each table: its fields, their types and units, and how the tables hang together.
        - `tables/` holds a table each, as CSV (RFC 4180, UTF-8, a line of headings). An empty cell is no value. Days are days of the place (its time zone stands in `tables/facilities.csv`); times of writing are UTC. Lengths are tenths of a millimetre.
        - `pictures/` holds the photographs: a folder each, by the number in `tables/pictures.csv`.

        Rows with a time in `deleted_at` were taken out of the log and can be put back. Passwords, tokens of devices and secret links are not in it.

        It can be read into an empty Biomegas: Settings, Files; or `php artisan biomegas:import FILE`.

        TEXT,
    'tables' => [
        'users' => 'Who writes here. Passwords are not in it.',
        'facilities' => 'The place: name, units, time zone, currency, and its own numbers in the rulebook.',
        'species' => 'Kinds of fish: as they came with the application, and the keeper’s own values over them.',
        'systems' => 'Tanks, vats and ponds.',
        'fish' => 'Fish and shoals.',
        'fish_candidates' => 'What else a fish may be.',
        'move_sheets' => 'Moves as they are planned and done.',
        'move_sheet_fish' => 'Who goes with a move sheet.',
        'moves' => 'Moves from one home to another.',
        'stays' => 'Who lived where, from when until when.',
        'measurements' => 'Lengths.',
        'makeups' => 'Who makes up a group: males, females, sizes.',
        'shoal_splits' => 'Partings of a shoal.',
        'shoal_joins' => 'Joinings of a shoal.',
        'counts' => 'Counts of a shoal.',
        'losses' => 'Losses.',
        'ration_changes' => 'Changes of how a fish is fed.',
        'incidents' => 'Aggression that was seen.',
        'attempts' => 'What was tried against it.',
        'watched_spans' => 'Times in which a system was watched.',
        'settlements' => 'Cases of aggression that are settled.',
        'pair_verdicts' => 'What the keeper says of two together.',
        'broods' => 'Broods.',
        'quarantines' => 'Quarantines.',
        'health_observations' => 'Looks at a fish.',
        'inspections' => 'Looks at fins, mouth and the like.',
        'treatments' => 'Treatments.',
        'watches' => 'Close looks after a move.',
        'watch_checks' => 'Each of those looks.',
        'watch_interventions' => 'What was tried meanwhile.',
        'water_tests' => 'Water tests.',
        'water_works' => 'Water changes and care of filters.',
        'probes' => 'Devices that measure. Their tokens are not in it.',
        'readings' => 'What they measured lately.',
        'daily_readings' => 'What they measured, by day.',
        'weekly_temperatures' => 'Temperatures by week.',
        'preparations' => 'How new homes are made ready.',
        'plans' => 'Plans.',
        'plan_moves' => 'The moves of a plan.',
        'foods' => 'Foods: what they are made of, what they cost, who takes them.',
        'stock_entries' => 'What was bought, counted, opened and thrown away of them.',
        'feeding_plans' => 'What systems, and fish by themselves, are to be fed.',
        'meals' => 'What was fed.',
        'fed_weeks' => 'What was fed, by week, as grams of dry food.',
        'cultures' => 'What is bred to be fed.',
        'culture_entries' => 'What was counted in a culture, taken from it or added to it.',
        'spendings' => 'What was paid, food apart.',
        'notes' => 'Notes.',
        'pictures' => 'Photographs: of what, when, and what is marked on them.',
        'sitters' => 'Who looked after the fish for some days. Their links are not in it.',
        'round_ticks' => 'What they ticked.',
        'activity_log' => 'How things stood before they were changed.',
    ],
];
