<?php

declare(strict_types=1);

return [
    // What cannot be written down breaks nothing.
    'default' => 'stack',
    'channels' => [
        'stack' => ['driver' => 'stack', 'channels' => [env('LOG_CHANNEL', 'daily')], 'ignore_exceptions' => true],
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
        ],
    ],
];
