<?php

// The words that tables and lines of quick entry are read by, each with what it stands for.
return [
    'verbs' => [
        'lost' => 'loss', 'count' => 'count', 'counted' => 'count', 'changed' => 'change', 'change' => 'change', 'fed' => 'meal', 'moved' => 'move', 'note' => 'note',
    ],
    'acts' => [
        'sparred with' => 'sparred', 'sparred' => 'sparred', 'flared at' => 'flared', 'flared' => 'flared', 'chased' => 'chased', 'chases' => 'chased', 'nipped' => 'nipped', 'nips' => 'nipped', 'bit' => 'bit',
        'rammed' => 'rammed', 'locked lips with' => 'locked-lips', 'pinned' => 'pinned',
    ],
    'harms' => [
        'torn fin' => 'torn-fin', 'torn fins' => 'torn-fin', 'lost scales' => 'lost-scales', 'scales' => 'lost-scales', 'hurt eye' => 'hurt-eye', 'eye' => 'hurt-eye', 'wound' => 'wound', 'bleeding' => 'wound', 'hiding' => 'hiding', 'hides' => 'hiding',
        'not eating' => 'not-eating', 'dead' => 'death', 'no harm' => 'none',
    ],
    'losses' => [
        'died' => 'death', 'dead' => 'death', 'eaten' => 'eaten', 'jumped out' => 'jumped', 'jumped' => 'jumped', 'died of disease' => 'disease', 'disease' => 'disease', 'ill' => 'disease', 'died of an injury' => 'injury', 'injury' => 'injury', 'hurt' => 'injury', 'rehomed' => 'rehomed', 'sold' => 'rehomed', 'given away' => 'rehomed',
        'given back' => 'given-back', 'returned' => 'given-back', 'let out under permit' => 'let-out', 'vanished' => 'vanished', 'missing' => 'vanished', 'gone' => 'vanished',
    ],
    'counts' => ['all caught' => 'all-caught', 'caught' => 'all-caught', 'at least so many seen' => 'at-least', 'at least' => 'at-least', 'seen' => 'at-least', 'about' => 'estimate', 'estimate' => 'estimate', 'an estimate' => 'estimate', 'estimated' => 'estimate'],
    'methods' => ['hand' => 'hand', 'on the board' => 'hand', 'board' => 'hand', 'tape' => 'hand', 'from a picture' => 'picture', 'picture' => 'picture', 'photo' => 'picture', 'ruler' => 'ruler', 'through the glass' => 'ruler', 'glass' => 'ruler', 'by eye' => 'eye', 'eye' => 'eye', 'guess' => 'eye'],
    'quantities' => [
        'temperature' => 'temperature_c', 'temp' => 'temperature_c', 'ph' => 'ph', 'ammonia' => 'ammonia_mg_l', 'nh4' => 'ammonia_mg_l', 'nitrite' => 'nitrite_mg_l', 'no2' => 'nitrite_mg_l', 'nitrate' => 'nitrate_mg_l', 'no3' => 'nitrate_mg_l',
        'kh' => 'kh_dkh', 'gh' => 'gh_dgh', 'conductivity' => 'conductivity_us', 'salinity' => 'salinity_ppt', 'oxygen' => 'oxygen_mg_l', 'copper' => 'copper_mg_l', 'chlorine' => 'chlorine_mg_l', 'phosphate' => 'phosphate_mg_l', 'po4' => 'phosphate_mg_l',
    ],
    'turning' => ['by'],
    'fillers' => ['a', 'an', 'the', 'to', 'of', 'in', 'at', 'with', 'and', 'on', 'from', 'through', 'is', 'was', 'water', 'tank', 'out'],
];
