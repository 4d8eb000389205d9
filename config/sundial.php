<?php

declare(strict_types=1);

return [
    /* Which running instance this is: demo, live, dev, test, browser, shots. */
    'instance' => env('SUNDIAL_INSTANCE', ''),
    /* Whether the login page offers the demo accounts. */
    'demo' => (bool) env('SUNDIAL_DEMO', false),
    /* A fixed instant (ISO 8601) at which everything takes place; for pictures and browser tests only. */
    'now' => env('SUNDIAL_NOW', ''),
];
