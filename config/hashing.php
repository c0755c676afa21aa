<?php

declare(strict_types=1);

return [
    // Argon2id counts every character; where PHP was built without it, bcrypt.
    'driver' => defined('PASSWORD_ARGON2ID') ? 'argon2id' : 'bcrypt',
    'bcrypt' => ['rounds' => (int) env('BCRYPT_ROUNDS', 12), 'verify' => false],
    // OWASP’s cheat sheet on storing passwords: 19 MiB, two passes, one lane.
    'argon' => ['memory' => (int) env('ARGON_MEMORY', 19_456), 'threads' => 1, 'time' => 2, 'verify' => false],
    'rehash_on_login' => true,
];
