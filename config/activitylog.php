<?php

use Spatie\Activitylog\Models\Activity;

return [
    'enabled' => true,
    'delete_records_older_than_days' => 3650,
    'default_log_name' => 'log',
    'default_auth_driver' => 'web',
    'subject_returns_soft_deleted_models' => true,
    'activity_model' => Activity::class,
    'table_name' => 'activity_log',
    'database_connection' => null,
];
