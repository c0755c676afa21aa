<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'sqlite'),

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('database.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Several workers write: they wait for each other instead of failing.
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            // What was acknowledged survives a killed process; a power cut may take the last moments, never the shelf.
            'synchronous' => 'NORMAL',
        ],

        // Where one machine is too small: several web servers, one club.
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'ephemeron'),
            'username' => env('DB_USERNAME', 'ephemeron'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => env('DB_SSLMODE', 'prefer'),
        ],
    ],
];
