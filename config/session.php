<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 600,
    'encrypt' => false,
    'table' => 'sessions',
    'lottery' => [1, 200],
    'cookie' => 'sundial_'.env('SUNDIAL_INSTANCE', 'live'),
    'http_only' => true,
    // Over TLS, the cookie never travels without it.
    'secure' => str_starts_with((string) env('APP_URL', ''), 'https://'),
    'same_site' => 'lax',
];
