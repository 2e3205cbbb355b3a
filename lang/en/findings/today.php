<?php

// What is due on the round.
return [
    'today' => [
        'brood' => 'brood: {step}',
        'low_counts' => '{times} low counts running: {missing, plural, one {one} other {#}} missing',
        'move' => 'move to {to}',
        'planned_move' => 'by the plan to {to} on {on}',
        'planned_move_by_size' => 'already {length} long, the size at which the plan moves it to {to} (thought of for {on})',
        'move_begun' => 'move to {to}, begun',
        'time_out' => 'time-out until {until}: decide where it goes',
        'interim' => 'interim stay until {until}: decide where it goes',
        'not_clean' => '{quantity} was {value} on {found}: test until it is none twice, a day apart',
        'leaves' => 'should leave {home}; next {next}',
        'leaves_nowhere' => 'should leave {home}, and no other home here will do',
        'sign' => '{sign}, seen on {seen}: look again, and decide whether it needs quarantine or a vet',
        'sign_not_eating' => '{sign}, and it did not eat on {seen}: look again, and decide whether it needs quarantine or a vet',
        'did_not_eat' => 'did not eat on {seen}: look again',
        'inspect' => 'look at: {what}',
        'quarantine' => 'in quarantine: eating? any sign?',
        'daily_test' => 'ammonia and nitrite, each day until {until}',
        'weekly_change' => 'change {share} of its water',
        'days_late' => '{days, plural, one {a day} other {# days}} late',
    ],
];
