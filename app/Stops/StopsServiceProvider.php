<?php

declare(strict_types=1);

namespace App\Stops;

use App\Platform\Extension\Extensions;
use App\Register\MergeListener;
use App\Stops\Extension\DownToday;
use App\Stops\Extension\StopsFollowMerge;
use App\Stops\Extension\StopsOfAsset;
use App\Stops\Models\Stop;
use App\Stops\Policies\StopPolicy;
use App\Stops\Queries\StopsOf;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

/** When assets stood still. */
final class StopsServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(StopsOf::class);
        $this->app->tag([StopsFollowMerge::class], MergeListener::MERGES);
        $this->app->resolving(Extensions::class, static function (Extensions $extensions, $app): void {
            foreach ([StopsOfAsset::class, DownToday::class] as $extension) {
                $extensions->add($app->make($extension));
            }
        });
    }

    public function boot(): void
    {
        Gate::policy(Stop::class, StopPolicy::class);
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
