<?php

declare(strict_types=1);

return [
    // Takes all of a password, where bcrypt looks at 72 bytes.
    'driver' => 'argon2id',
    'argon' => [
        'memory' => (int) env('ARGON_MEMORY', 19456),
        'threads' => 1,
        'time' => (int) env('ARGON_TIME', 2),
        'verify' => false,
    ],
    'rehash_on_login' => true,
];
