<?php

declare(strict_types=1);

return [
    /* Which running instance this is: demo, live, dev, test, browser, shots. */
    'instance' => env('SUNDIAL_INSTANCE', ''),
    /* The names under which it answers: this machine's own, and the one that the plant has given it. */
    'hosts' => array_values(
        array_unique(
            array_filter([
                '127.0.0.1',
                'localhost',
                parse_url((string) env('APP_URL', ''), PHP_URL_HOST) ?: '',
            ]),
        ),
    ),
    /* Whether the login page offers the demo accounts. */
    'demo' => (bool) env('SUNDIAL_DEMO', false),
    /* A fixed instant (ISO 8601) at which everything takes place; for pictures and browser tests only. */
    'now' => env('SUNDIAL_NOW', ''),
];
