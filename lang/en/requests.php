<?php

// What a keeper reads when a field of one request cannot be taken, where more can be said than in validation.php.
return [
    'acquire' => [
        'name.unique' => 'Somebody here has this name already. Choose another.',
        'species_id' => 'Choose a species from the list.',
        'origin' => 'Choose tank-raised or wild-caught, or leave it open.',
    ],
    'bag' => [
        'exists' => 'Choose one from the list.',
        'count' => 'Say how many.',
        'hours' => 'Give hours, at most 72.',
    ],
    'before_after' => [
        'exists' => 'Choose one from the list.',
        'count.*' => 'Say how many.',
        'length.*' => 'Say how long they are.',
        'care_days_before' => 'Give days as a whole number, at most 60.',
        'filter_litres.required_with' => 'Say how much of the media there is.',
        'weekly_change' => 'Give per cent: more than 0, at most 100.',
    ],
    'circumstances' => [
        'name.unique' => 'Somebody here has this name already. Choose another.',
        'name' => 'Give it a name of up to 60 letters.',
        'purpose' => 'Choose what it is kept for from the list.',
        'origin' => 'Choose tank-raised or wild-caught, or leave it open.',
        'fallback' => 'Say in up to 200 characters where it goes if it cannot stay.',
    ],
    'identity' => [
        'species_id' => 'Choose a species from the list.',
        'candidates.max' => 'Name up to three other species.',
        'candidates.*.species_id' => 'Choose another species from the list.',
        'candidates.*.weight' => 'Give a share between 0 and 100 %.',
    ],
    'incident' => [
        'time.date_format' => 'Give the time as hours and minutes, for example 18:30, or leave it empty.',
    ],
    'intervention' => [
        'regex' => 'Give the time as hours and minutes, for example 10:30.',
    ],
    'keeping' => [
        'ration' => 'Choose a ration from the list.',
        'adult' => 'Give its adult length, like 60 cm, or null to take it as its species.',
    ],
    'look' => [
        'exists' => 'Choose one from the list.',
    ],
    'arrangement' => [
        'steps.*.key' => 'Say what is done in this step.',
        'steps.*.length' => 'Give a number from 1 to 1000.',
        'steps.*.words' => 'Say in up to 200 letters what is done.',
    ],
    'move_sheet_change' => [
        'container_litres' => 'Give how many litres the container holds.',
    ],
    'move_sheet' => [
        'exists' => 'Choose one from the list.',
        'fish.required' => 'Say who goes.',
        'fish.*.fish_id.distinct' => 'It is on the sheet already.',
        'container_litres' => 'Give how many litres the container holds.',
    ],
    'owner' => [
        'name.required' => 'Type your name.',
        'email.required' => 'Type your e-mail address.',
        'email.email' => 'This is not an e-mail address.',
        'password.required' => 'Choose a password.',
        'password.min' => 'Choose a password of at least 10 characters.',
        'facility.required' => 'Give the place a name.',
        'time_zone.timezone' => 'This time zone is not known. Write it like Europe/London.',
    ],
    'preparation' => [
        'donor_percent' => 'Say what share of its media you bring: more than 0, at most 100 %.',
        'count' => 'Say how many are planned.',
        'length.required_with' => 'Say how long they will be.',
        'exists' => 'Choose one from the list.',
    ],
    'readings' => [
        'readings.max' => 'At most :max readings at once: send the rest after them.',
    ],
    'refill' => [
        'percent' => 'Give per cent: more than 0, at most 100.',
        'cold.required' => 'Give the temperature of the cold water.',
        'hot.required' => 'Give the temperature of the hot water.',
        'numeric' => 'The :attribute must be a number.',
    ],
    'rulebook' => [
        'answers.*' => 'Choose one of the answers.',
        'numbers.*.numeric' => 'Give a number.',
        'numbers.*.between' => 'Give a number from :min to :max.',
        'exceptions.*.rule' => 'Choose a rule from the list.',
        'exceptions.*.reason' => 'Give the reason in a few words, for whoever reads this later.',
    ],
    'sign_in' => [
        'email.required' => 'Type your e-mail address.',
        'password.required' => 'Type your password.',
    ],
    'system' => [
        'name.unique' => 'A system here has this name already. Choose another.',
        'regex' => 'Give the time as hours and minutes, for example 08:30.',
        'pools.*.points.max' => 'At most :max corners.',
        'pools.*.points.*.*' => 'Each corner is two numbers in millimetres.',
    ],
    'water_work' => [
        'kind.in' => 'Choose what was done from the list.',
        'percent' => 'Say how much of the water was changed: more than 0, at most 100 %.',
    ],
    'fish_table' => [
        'text' => 'Type or paste up to a million characters.',
        'rows.max' => 'Up to 1,000 rows at a time.',
        'rows' => 'Send rows as a list.',
        'date_order' => 'Choose day first or month first.',
        'method' => 'Choose how they were measured from the list.',
    ],
    'known_species' => [
        'name.required' => 'Give it a name.',
        'name.unique' => 'Another species has this name: give a different one.',
        'name' => 'Give its name in up to 100 letters.',
        'names.max' => 'Up to 30 other names.',
        'names.*' => 'Give other names in up to 100 letters each.',
        'like_id' => 'Choose a species from the list, or leave it empty.',
        'adult' => 'Say how long it becomes, like 30 cm or 25 to 35 cm.',
        'grown_from' => 'Give a length, like 4 cm.',
        'grown_to' => 'Give a length, like 20 cm.',
        'grown_months' => 'Give months as a number from 0.5 to 600.',
        'temperament' => 'Choose its temper from the list.',
        'minimum_group' => 'Give a whole number from 1 to 1000.',
        'least_length' => 'Give a length, like 120 cm.',
        'least_width' => 'Give a width, like 45 cm.',
        'more' => 'Leave out what you do not know.',
        'form' => 'Choose what it looks like from the list.',
    ],
    'weigh_up' => [
        'species_id' => 'Choose a species from the list.',
        'with.*.species_id' => 'Choose a species from the list.',
        'with.max' => 'Weigh up to five others with it.',
        'count' => 'Give how many: a whole number from 1 to 500.',
        'price' => 'Give the price of one as a number, 0 or more.',
        'health' => 'Choose how it looks from the list.',
        'quarantine_served' => 'Give days as a whole number, 0 or more.',
        'fallback' => 'Say in up to 200 characters where it could go.',
    ],
    'what_if' => [
        'ration.enum' => 'Choose a ration from the list.',
        'temperature_c' => 'Give a temperature between 0 and 40 °C.',
    ],
    'reading_chart' => [
        'quantity' => 'Choose what to look at from the list.',
        'days' => 'Choose another number of days.',
    ],
];
