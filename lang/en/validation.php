<?php

// What a keeper reads when a field cannot be taken as it is. The fields are
// named beside the sentence, so no sentence names them.
return [
    'after' => 'Choose a later day.',
    'array' => 'A list or a group of fields is wanted here.',
    'between' => ['numeric' => 'Give a number from :min to :max.', 'array' => 'Give from :min to :max of them.', 'string' => 'Give from :min to :max characters.'],
    'boolean' => 'Say yes or no: true or false.',
    'date_format' => 'Give the time as hours and minutes, for example 18:30.',
    'different' => 'Choose another one: this is named already.',
    'distinct' => 'This is named twice.',
    'email' => 'This is not an e-mail address.',
    'enum' => 'Choose one from the list.',
    'exists' => 'Choose one from the list.',
    'gt' => ['numeric' => 'Give a number above :value.'],
    'in' => 'Choose one from the list.',
    'integer' => 'Give a whole number.',
    'list' => 'A list is wanted here.',
    'lt' => ['numeric' => 'Give a number below :value.'],
    'max' => ['numeric' => 'Give a number of at most :max.', 'string' => 'This is too long: :max characters at most.', 'array' => 'At most :max of them.'],
    'min' => ['numeric' => 'Give a number of at least :min.', 'string' => 'This is too short: at least :min characters.', 'array' => 'At least :min of them.'],
    'numeric' => 'Give a number.',
    'present' => 'This is missing: send it, empty where there is nothing to say.',
    'prohibited' => 'This cannot be given here.',
    'regex' => 'This is not written as it must be here.',
    'required' => 'This is missing.',
    'required_if' => 'This is missing.',
    'required_with' => 'This is missing.',
    'size' => ['array' => 'Give :size of them.', 'numeric' => 'Give :size.', 'string' => 'Give :size characters.'],
    'string' => 'Text is wanted here.',
    'timezone' => 'This time zone is not known. Write it like Europe/London.',
    'unique' => 'This is taken already. Choose another.',

    'custom' => [
        'date' => ['required' => 'Give the day.'],
        'number' => ['required' => 'Give the number in digits.'],
    ],
];
