<?php

declare(strict_types=1);

namespace App\Register;

use App\Register\Console\ImportCommand;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Policies\AssetPolicy;
use App\Register\Policies\LocationPolicy;
use App\Register\Queries\Reach;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

/** Locations, assets and their classes. */
final class RegisterServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Reach::class);
    }

    public function boot(): void
    {
        Gate::policy(Asset::class, AssetPolicy::class);
        Gate::policy(Location::class, LocationPolicy::class);
        $this->commands([ImportCommand::class]);
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
