<?php

// Names that were typed and are nobody's.
return [
    'names' => [
        'near' => 'Nobody and nothing here is called “{typed}”. Near to it: {near_or}.',
    ],
];
