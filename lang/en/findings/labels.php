<?php

// How single things are called inside a sentence: the values of the core's enums, shares and joints.
return [
    'joint' => [
        'and' => '{first} and {last}',
        'comma' => '{first}, {last}',
        'or' => '{first} or {last}',
        'then' => '{first}, then {last}',
        'span' => '{low} to {high}',
        'sides' => '{length} by {width} {unit}',
    ],
    'share' => [
        'twentieth' => 'a twentieth', 'tenth' => 'a tenth', 'fifth' => 'a fifth', 'quarter' => 'a quarter', 'third' => 'a third',
        'half' => 'half', 'two_thirds' => 'two thirds', 'three_quarters' => 'three quarters', 'all' => 'all of it',
    ],
    'label' => [
        'length_kind' => ['total' => 'total, snout to tip', 'fork' => 'fork', 'standard' => 'standard, without the tail', 'disc' => 'disc width'],
        'error_cause' => ['marks' => 'where the marks are set', 'scale' => 'the scale', 'distance' => 'how far the camera stands', 'depth' => 'how deep the fish swims', 'heading' => 'how square it stands', 'foot' => 'where the camera points'],
        'role' => ['owner' => 'owner', 'keeper' => 'keeper', 'helper' => 'helper', 'viewer' => 'viewer'],
        'method' => ['hand' => 'on the board', 'picture' => 'from a picture', 'ruler' => 'through the glass', 'eye' => 'by eye'],
        'act' => ['sparred' => 'sparred with', 'flared' => 'flared at', 'chased' => 'chased', 'nipped' => 'nipped', 'bit' => 'bit', 'rammed' => 'rammed', 'locked-lips' => 'locked lips with', 'pinned' => 'pinned'],
        'loss_kind' => [
            'death' => 'died', 'eaten' => 'eaten', 'jumped' => 'jumped out', 'disease' => 'died of disease', 'injury' => 'died of an injury', 'rehomed' => 'rehomed', 'given-back' => 'given back',
            'vanished' => 'vanished', 'let-out' => 'let out under permit',
        ],
        'count_kind' => ['all-caught' => 'all caught', 'at-least' => 'at least so many seen', 'estimate' => 'an estimate'],
        'sex' => ['male' => 'male', 'female' => 'female'],
        'ration' => ['sparse' => 'sparsely', 'steady' => 'once a day, steadily', 'several' => 'several times a day'],
        'product_class' => ['copper' => 'copper', 'formalin' => 'formalin', 'antiparasitic' => 'something against parasites', 'wormer' => 'something against worms', 'antibiotic' => 'an antibiotic', 'antifungal' => 'something against fungus', 'salt' => 'salt'],
        'occasion' => ['feeding' => 'at feeding', 'newcomer' => 'with a newcomer', 'brood' => 'around a brood', 'water-change' => 'after a water change', 'moved-decor' => 'after the decor was moved'],
        'pair_verdict' => ['good' => 'good company', 'watch' => 'to be watched', 'avoid' => 'to be kept apart'],
        'brood_sign' => ['pair-formed' => 'a pair formed', 'darkening' => 'one darkened', 'guarding' => 'a place is guarded', 'spawned' => 'they spawned', 'holding' => 'the mouth is full', 'born' => 'young were born'],
        'brood_style' => ['mouthbrooder' => 'in the mouth', 'egg-scatterer' => 'scattered eggs', 'substrate-guarder' => 'guarded eggs', 'livebearer' => 'born alive'],
        'filter_care' => ['untouched' => 'filter left alone', 'rinsed' => 'filter rinsed in tank water', 'half-removed' => 'half of the media removed', 'deep-cleaned' => 'filter deep-cleaned', 'scrubbed' => 'filter scrubbed', 'chlorinated-tap' => 'filter washed under the tap'],
        'success' => ['only-while-i-stood' => 'helped only while somebody stood there', 'lasted' => 'it lasted', 'no' => 'it did not help'],
        'json_type' => [
            'array' => 'a list', 'boolean' => 'true or false', 'integer' => 'a whole number', 'null' => 'nothing (null)', 'number' => 'a number', 'object' => 'a group of fields', 'string' => 'text',
        ],
        'fitting' => [
            'lid' => 'a lid', 'tight-lid' => 'a tight lid', 'sand' => 'sand', 'open-floor' => 'open floor', 'hides' => 'hides', 'sight-breaks' => 'sight breaks',
            'flow' => 'flow', 'air' => 'air', 'plants' => 'plants', 'dim-light' => 'dim light', 'buffering' => 'a buffering substrate', 'guarded-heater' => 'a guarded heater',
            'guarded-overflow' => 'a guarded overflow', 'liner-safe' => 'a liner out of its reach', 'levelling-mat' => 'a levelling mat', 'bare-quarantine' => 'a bare floor for quarantine',
        ],
        'water_layer' => ['bottom' => 'at the bottom', 'middle' => 'in the middle', 'top' => 'at the top', 'all' => 'in every layer'],
        'salinity' => ['fresh' => 'fresh', 'brackish' => 'brackish', 'marine' => 'marine'],
        'size_rule' => [
            'swim-length' => 'too long for the swimming length', 'turning-width' => 'too long to turn', 'depth' => 'too tall for the depth',
            'least-home' => 'too large for a home smaller than is usually asked for', 'litres' => 'too long for the litres',
        ],
        'quantity' => [
            'temperature_c' => 'temperature', 'ph' => 'pH', 'ammonia_mg_l' => 'ammonia', 'nitrite_mg_l' => 'nitrite', 'nitrate_mg_l' => 'nitrate',
            'kh_dkh' => 'carbonate hardness', 'gh_dgh' => 'general hardness', 'conductivity_us' => 'conductivity', 'salinity_ppt' => 'salinity',
            'oxygen_mg_l' => 'oxygen', 'copper_mg_l' => 'copper', 'chlorine_mg_l' => 'chlorine', 'phosphate_mg_l' => 'phosphate',
        ],
        'quantity_units' => [
            'temperature_c' => '°C or °F', 'ph' => 'a bare number', 'ammonia_mg_l' => 'mg/l, ppm or µg/l, with N after it when the kit reports nitrogen',
            'nitrite_mg_l' => 'mg/l, ppm or µg/l, with N after it when the kit reports nitrogen', 'nitrate_mg_l' => 'mg/l, ppm or µg/l, with N after it when the kit reports nitrogen',
            'kh_dkh' => '°dH, ppm (as calcium carbonate) or meq/l', 'gh_dgh' => '°dH, ppm (as calcium carbonate) or meq/l', 'conductivity_us' => 'µS/cm or mS/cm',
            'salinity_ppt' => 'ppt or %', 'oxygen_mg_l' => 'mg/l, ppm or µg/l', 'copper_mg_l' => 'mg/l, ppm or µg/l', 'chlorine_mg_l' => 'mg/l, ppm or µg/l', 'phosphate_mg_l' => 'mg/l, ppm or µg/l',
        ],
        'mixing_way' => ['take-out' => 'take out, then add', 'fill-up' => 'fill up and keep it all', 'pour-off' => 'add, then pour off'],
        'check_item' => [
            'breathing' => 'breathes hard', 'eating' => 'does not eat', 'hiding' => 'stays in hiding', 'colour' => 'is off its colour', 'fins' => 'has torn fins',
            'scales' => 'misses scales', 'eyes' => 'has a cloudy eye', 'surface' => 'cannot leave the surface', 'disc' => 'curls its disc',
        ],
        'harm' => ['none' => 'no harm', 'torn-fin' => 'a torn fin', 'lost-scales' => 'lost scales', 'hurt-eye' => 'a hurt eye', 'wound' => 'a wound', 'hiding' => 'it hides', 'not-eating' => 'it does not eat', 'death' => 'death'],
        'purpose' => ['display' => 'as it happened', 'food' => 'eaten as food, as intended', 'starter' => 'as starters do, on purpose', 'cleaner' => 'as cleaners do, on purpose'],
        'brood_step_kind' => [
            'look-for-eggs' => 'Look for eggs', 'birth' => 'The young are born', 'parents-out' => 'Take the parents out', 'tails' => 'First tails show', 'hatch' => 'They hatch', 'yolk-used' => 'The yolk is used up',
            'nursery' => 'Have a home for the young ready', 'free-swimming' => 'They swim free', 'released' => 'They are let out of the mouth', 'fry-out' => 'Take the young out', 'first-food' => 'First food, the finest', 'brine-shrimp' => 'Brine shrimp',
            'guarded' => 'Still guarded until then',
        ],
        'temper' => ['calm' => 'Calm', 'usual' => 'As usual for its species', 'bully' => 'A bully'],
        'light_state' => ['first' => 'in the first hour of light', 'day' => 'by day', 'dim' => 'in dim or blue light', 'off' => 'in the dark'],
        'change_kind' => ['came-in' => 'came in', 'came-back' => 'came back', 'went-out' => 'went out', 'time-out' => 'was taken out for a time', 'water-change' => 'a water change', 'intervention' => 'something was done'],
        'intervention' => [
            'lights-off' => 'Lights off', 'distract' => 'Feed and change water', 'move-decor' => 'Move the decor', 'refuge-net' => 'A refuge net for the victim',
            'divider' => 'Put a divider in', 'take-out-victim' => 'Take the victim out', 'take-out-bully' => 'Take the bully out',
        ],
        'intervention_why' => [
            'lights-off' => 'Nobody chases what it does not see.', 'distract' => 'Food and new water give them something else to do.', 'move-decor' => 'Moved borders must be fought out anew, by all.',
            'refuge-net' => 'It can be seen, not bitten.', 'divider' => 'For days in which they get used to the sight.', 'take-out-victim' => 'A fish that is beaten does not heal among those who beat it.',
            'take-out-bully' => 'Some beat every newcomer once; a time-out makes them newcomers too.',
        ],
        'cycle_state' => [
            'not-tested' => 'Not tested yet: ammonia and nitrite tell how far the filter is.',
            'ammonia-phase' => 'Ammonia is still there: the first bacteria are growing. Test every second day.',
            'nitrite-phase' => 'Ammonia is gone, nitrite is not: the second bacteria are growing. Test every second day.',
            'not-fed' => 'Ammonia and nitrite are none, but nitrate has not risen: it was not fed, so nothing is proven. Add ammonia or food and test again.',
            'once-more' => 'Ammonia and nitrite are none. Once more tomorrow, while it is fed, and it is run in.',
            'ready' => 'Run in: ammonia and nitrite were none on two days running, and nitrate has risen.',
        ],
    ],
];
