<?php

return [
    // Outside the web root: pictures go out through the application alone.
    'folder' => env('PICTURES_FOLDER', storage_path('app/pictures')),
];
