<?php

return [
    // what fails is in the log, and whoever waits for it is told
    'failed' => ['driver' => 'null'],
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => 'queue',
            'table' => 'jobs',
            'queue' => 'beside',
            // longer than a worker lets anything run
            'retry_after' => 360,
            'after_commit' => true,
        ],
    ],
];
