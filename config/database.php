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
    ],
];
