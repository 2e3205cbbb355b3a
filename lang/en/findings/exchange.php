<?php

// Files in and out, and what takes long.
return [
    'task' => [
        'failed' => 'It did not work, and nothing was changed: {reason}',
        'given_up' => 'It was broken off twice, and nothing was changed. Begin it again.',
    ],
    'package' => [
        'not_empty' => 'This place is not empty. A package is read into an empty one only.',
        'no_zip' => 'This is no data package: a zip file is wanted.',
        'no_description' => 'This is no data package: datapackage.json is missing in it or cannot be read.',
        'no_table' => 'The table “{table}” is missing in the package.',
        'unknown_column' => 'The table “{table}” has a column “{column}” that is not known here. It may come from a later version.',
        'other_columns' => 'The headings of the table “{table}” are not those that datapackage.json names.',
        'cells' => 'Line {line} of the table “{table}” has more or fewer cells than headings.',
        'cell' => 'Line {line} of the table “{table}” cannot be read: look at “{column}”.',
        'does_not_fit' => 'Its rows do not fit together: some point to others that are not there, or are there twice.',
        'picture' => 'Photograph {number} is missing, or is not what it was.',
    ],
];
