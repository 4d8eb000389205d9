<?php

declare(strict_types=1);

return [
    // A token is the only key to the API: a session in a browser opens the pages, never this.
    'guard' => [],
    'stateful' => [],
    'expiration' => null,
    'token_prefix' => '',
    'middleware' => [],
    'routes' => false,
];
