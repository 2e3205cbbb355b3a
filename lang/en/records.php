<?php

// How many rows of a table stand in the way of a deletion.
return [
    // What those parted from a shoal are called after its name.
    'parted' => [
        'male' => '{1} male|[2,*] males',
        'female' => '{1} female|[2,*] females',
    ],
    'makeups' => '{1} one make-up of a group|[2,*] :count make-ups of a group',
    'shoal_joins' => '{1} one joining of a shoal|[2,*] :count joinings of a shoal',
    'inspections' => '{1} one inspection of it|[2,*] :count inspections of it',
    'health_observations' => '{1} one look at it|[2,*] :count looks at it',
    'counts' => '{1} one count|[2,*] :count counts',
    'daily_readings' => 'readings of a probe',
    'exceptions' => '{1} an exception in the rulebook|[2,*] :count exceptions in the rulebook',
    'fish' => '{1} one fish or shoal|[2,*] :count fish or shoals',
    'fish_candidates' => '{1} one fish or shoal that may be of it|[2,*] :count fish or shoals that may be of it',
    'incidents' => '{1} one incident|[2,*] :count incidents',
    'losses' => '{1} one loss|[2,*] :count losses',
    'measurements' => '{1} one length|[2,*] :count lengths',
    'move_sheet_fish' => '{1} one move sheet|[2,*] :count move sheets',
    'move_sheets' => '{1} one move sheet|[2,*] :count move sheets',
    'moves' => '{1} one move|[2,*] :count moves',
    'preparations' => '{1} the preparation of a system|[2,*] :count preparations of systems',
    'probes' => '{1} one probe|[2,*] :count probes',
    'quarantines' => '{1} one quarantine|[2,*] :count quarantines',
    'ration_changes' => '{1} one change of its ration|[2,*] :count changes of its ration',
    'readings' => 'readings of a probe',
    'shoal_splits' => '{1} one parting of a shoal|[2,*] :count partings of a shoal',
    'stays' => '{1} one stay of a fish|[2,*] :count stays of fish',
    'treatments' => '{1} one treatment|[2,*] :count treatments',
    'watch_checks' => '{1} one look on a watch|[2,*] :count looks on a watch',
    'watch_interventions' => '{1} something tried on a watch|[2,*] :count things tried on a watch',
    'watches' => '{1} one watch|[2,*] :count watches',
    'water_tests' => '{1} one water test|[2,*] :count water tests',
    'water_works' => '{1} one entry of water work|[2,*] :count entries of water work',
    'weekly_temperatures' => 'temperatures of a probe',
];
