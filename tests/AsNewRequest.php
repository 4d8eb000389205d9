<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\WithCachedConfig;
use Illuminate\Foundation\Testing\WithCachedRoutes;
use Illuminate\Routing\CompiledRouteCollection;
use Illuminate\Routing\Route;

/** Requests of a test that follow each other know nothing of each other, as those of a browser. */
trait AsNewRequest
{
    use WithCachedConfig;
    use WithCachedRoutes;

    /** Forgets what services remember within one request, as a new request would. */
    protected function fresh(): static
    {
        $this->app->forgetScopedInstances();
        // Routes keep their controllers, and these what they were given. Those that a test added itself stay.
        $routes = $this->app['router']->getRoutes();
        $routes instanceof CompiledRouteCollection
            ? (function (): void {
                $this->nameCache = [];
            })->call($routes)
            : array_map(static fn (Route $route) => $route->flushController(), $routes->getRoutes());

        return $this;
    }
}
