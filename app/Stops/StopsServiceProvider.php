<?php

declare(strict_types=1);

namespace App\Stops;

use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Offers;
use App\Register\Events\AssetsMerged;
use App\Stops\Actions\TakeOverStops;
use App\Stops\Extension\DownToday;
use App\Stops\Extension\ReliabilityOfAsset;
use App\Stops\Extension\StopsFollow;
use App\Stops\Extension\StopsOfAsset;
use App\Stops\Extension\StopsOffers;
use App\Stops\Models\Stop;
use App\Stops\Policies\StopPolicy;
use App\Stops\Queries\StopsOf;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

/** When assets stood still. */
final class StopsServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(StopsOf::class);
        $this->callAfterResolving(
            Offers::class,
            static fn (Offers $offers) => $offers->add(...StopsOffers::all()),
        );
        $this->callAfterResolving(
            ExtensionList::class,
            static function (ExtensionList $list): void {
                $list->add(
                    StopsOfAsset::class,
                    DownToday::class,
                    StopsFollow::class,
                    ReliabilityOfAsset::class,
                );
            },
        );
    }

    public function boot(): void
    {
        Gate::policy(Stop::class, StopPolicy::class);
        Event::listen(AssetsMerged::class, TakeOverStops::class);
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
