<?php

declare(strict_types=1);

return [
    /* smtp where the plant has named its server, outbox in the demo and in tests; none: nothing is mailed. */
    'default' => env('MAIL_MAILER', 'none'),
    'mailers' => [
        'smtp' => ['transport' => 'smtp', 'url' => env('MAIL_URL'), 'timeout' => 20],
        'outbox' => ['transport' => 'outbox'],
        'none' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'stores@sundial.invalid'), 'name' => env('APP_NAME', 'Sundial')],
];
