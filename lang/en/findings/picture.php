<?php

// Pictures that come in, and lengths that are read from them.
return [
    'picture' => [
        'empty' => 'Nothing arrived. Choose the picture again.',
        'too_large' => 'This file is larger than {most} MB. Send a smaller picture.',
        'heic' => 'This is a HEIC picture, which cannot be read here. Let the camera save JPEG ("most compatible"), or send the picture as JPEG.',
        'not_readable' => 'This is no picture that can be read here. Send a JPEG, PNG or WebP file.',
        'too_many_pixels' => 'This picture has {width} by {height} pixels: more than the {most} million that can be read here. Send a smaller one.',
        'too_small' => 'This picture has {width} by {height} pixels: too few to see anything.',
        'cut_off' => 'This file is cut off or damaged. Send the picture again.',
        'broken_off' => 'The upload broke off. Nothing was kept: send the picture again.',
        'disk_full' => 'The picture could not be written: the disk is full. Nothing was kept. Make room, then send it again.',
        'limit_reached' => 'Pictures may take {most} MB here, and this one would be more. Raise the limit in the settings, or take pictures out.',
        'of_whom' => 'Say whether the picture is of a fish, of a system, or goes with an entry.',
        'file_gone' => 'The file of this picture is missing.',
    ],
];
