<?php

// What became of people.
return [
    'people' => [
        'came' => '{name} came in as {role}',
        'left' => '{name} was let go',
        'may_come_again' => '{name} may come in again',
        'has_role' => '{name} is {role}, and was {before}',
        'renamed' => '{before} is called {name} now',
        'moved' => '{name} has another e-mail address',
        'by' => '{what}; {by} did that',
    ],
];
