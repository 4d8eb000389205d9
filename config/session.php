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
    'same_site' => 'lax',
];
