<?php

return [
    // The most that one plan may take.
    'seconds' => (float) env('PLAN_SECONDS', 20),
];
