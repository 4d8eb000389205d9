<?php

declare(strict_types=1);

namespace App\Stops;

use App\Platform\Api\Description;
use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Offers;
use App\Platform\Sites\DayBegan;
use App\Platform\Subjects;
use App\Register\Events\AssetsMerged;
use App\Stops\Actions\ShiftsOfTheDay;
use App\Stops\Actions\TakeOverStops;
use App\Stops\Extension\CallsAtHandover;
use App\Stops\Extension\CallsToday;
use App\Stops\Extension\DownAtHandover;
use App\Stops\Extension\DownToday;
use App\Stops\Extension\JumpToStops;
use App\Stops\Extension\LineOfAsset;
use App\Stops\Extension\OutputAtHandover;
use App\Stops\Extension\ReliabilityOfAsset;
use App\Stops\Extension\StopsAhead;
use App\Stops\Extension\StopsFollow;
use App\Stops\Extension\StopsOfAsset;
use App\Stops\Extension\StopsOffers;
use App\Stops\Extension\UnsaidAtHandover;
use App\Stops\Extension\UnsaidToday;
use App\Stops\Imports\OutputImport;
use App\Stops\Models\Line;
use App\Stops\Models\LineTablet;
use App\Stops\Models\MaintenanceCall;
use App\Stops\Models\Product;
use App\Stops\Models\ShiftHandover;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\ShortStop;
use App\Stops\Models\Stop;
use App\Stops\Policies\HandoverPolicy;
use App\Stops\Policies\LinePolicy;
use App\Stops\Policies\StopPolicy;
use App\Stops\Queries\StopsOf;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
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
                    CallsToday::class,
                    LineOfAsset::class,
                    DownAtHandover::class,
                    CallsAtHandover::class,
                    UnsaidAtHandover::class,
                    OutputAtHandover::class,
                    UnsaidToday::class,
                    StopsAhead::class,
                    JumpToStops::class,
                    StopsFollow::class,
                    ReliabilityOfAsset::class,
                    OutputImport::class,
                );
            },
        );
    }

    public function boot(): void
    {
        Gate::policy(Stop::class, StopPolicy::class);
        foreach ([Line::class, ShiftRecord::class, LineTablet::class, MaintenanceCall::class] as $model) {
            Gate::policy($model, LinePolicy::class);
        }
        Gate::policy(ShortStop::class, LinePolicy::class);
        Gate::policy(Product::class, LinePolicy::class);
        Gate::policy(ShiftHandover::class, HandoverPolicy::class);
        Event::listen(DayBegan::class, ShiftsOfTheDay::class);
        // A tablet asks every few seconds; many stand behind one address.
        RateLimiter::for(
            'tablet',
            static fn (Request $request): Limit => Limit::perMinute(600)->by((string) $request->ip()),
        );
        Event::listen(AssetsMerged::class, TakeOverStops::class);
        $this->app
            ->make(Subjects::class)
            ->know('stop', Stop::class, static fn (Stop $stop): array => ["the stop {$stop->reason}", $stop->href()]);
        $this->app->make(Description::class)->add(resource_path('api/stops.json'));
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
