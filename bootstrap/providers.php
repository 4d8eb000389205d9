<?php

declare(strict_types=1);

/* The capabilities, in the order of their floors: each may use only those before it. */
return [
    App\Platform\PlatformServiceProvider::class,
    App\People\PeopleServiceProvider::class,
    App\Register\RegisterServiceProvider::class,
    App\Stops\StopsServiceProvider::class,
    App\Stores\StoresServiceProvider::class,
    App\Planning\PlanningServiceProvider::class,
    App\Work\WorkServiceProvider::class,
];
