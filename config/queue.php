<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),

    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'table' => 'jobs',
            'queue' => 'default',
            // Above the time that any job may take: none is begun by a second worker while the first still runs.
            'retry_after' => 660,
            'after_commit' => true,
        ],
    ],
];
