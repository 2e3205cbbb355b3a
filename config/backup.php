<?php

return [
    // Outside the web root, and better on another disk.
    'folder' => env('BACKUP_FOLDER', storage_path('app/backups')),

    // What is made for a while: packages to be fetched.
    'exports' => env('EXPORT_FOLDER', storage_path('app/exports')),

    // Nightly ones that are kept, and the first of each month besides.
    'nights' => (int) env('BACKUP_NIGHTS', 14),
    'months' => (int) env('BACKUP_MONTHS', 12),

    // On the clock of the place.
    'at' => env('BACKUP_AT', '03:10'),
];
