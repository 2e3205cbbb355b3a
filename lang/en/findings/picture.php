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
        'limit_reached' => 'Pictures may take {most} MB here, and this one would be more. Raise the limit in the settings, or erase there what was taken out.',
        'of_whom' => 'Say whether the picture is of a fish, of a system, or goes with an entry.',
        'no_camera' => '{system} has no camera. Give its address first.',
        'no_camera_address' => 'Give the address of a still image, for example http://192.168.1.20/still.jpg.',
        'camera_elsewhere' => 'This camera is not in the house. Give an address of your own network.',
        'camera_silent' => 'The camera does not answer. See whether it is on and the address is right.',
        'camera_refuses' => 'The camera answers {status} instead of a picture. See whether the address is right.',

        // Lengths that are read.
        'read' => '{length} ± {error}: eight in ten such fish are between {low} and {high}.',
        'shoal' => 'At least {n}, {mean} long on the mean; they differ by {spread}.',
        'wait_until_near' => 'Wait until it is near the glass: ± {then} instead of ± {now}.',
        'measure_the_distance' => 'Measure how far the camera stands: ± {then} instead of ± {now}.',
        'wait_until_square' => 'Wait until it stands square to the camera: ± {then} instead of ± {now}.',
        'go_nearer' => 'Take it from half as far: ± {then} instead of ± {now}.',
        'marks_on_one_spot' => 'These marks are on one spot. Set them farther apart.',
        'no_distance' => 'Say how far apart the marks are: more than nothing.',
        'mark_the_fish' => 'Mark the fish from its snout to the end of its tail.',
        'mark_more' => 'Mark two fish or more.',
        'one_fish_one_line' => '{fish} is one fish: mark one line along it.',
        'too_slant' => 'This is seen too slantwise, as around a corner: stand square before the fish and take another picture.',
        'no_distance_fits' => 'At no distance does this look as marked. Look at its size, its depth and the marks again.',
        'mark_the_other' => 'Mark the same fish in the other picture first.',
        'no_depth_fits' => 'At no depth does it have one length in both pictures. Look at the marks and distances again.',
        'no_room' => 'Say how far it is from the glass to the wall behind, or how deep the water is.',
        'longer_than_its_home' => 'This would be longer than {system}. Look at the scale and the marks again.',
    ],
];
