<?php

declare(strict_types=1);

namespace App\Work;

use App\Platform\Api\Description;
use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Offers;
use App\Platform\Subjects;
use App\Register\Events\AssetsMerged;
use App\Register\Extension\GuestsAtLabel;
use App\Stops\Events\AssetRuns;
use App\Stops\Events\MaintenanceCalled;
use App\Stores\Events\BoughtInArrived;
use App\Stores\Events\PartsMerged;
use App\Work\Actions\Booking\TakeBoughtIn;
use App\Work\Actions\Isolation\RefuseToRunLocked;
use App\Work\Actions\Moves\TakeOverOrders;
use App\Work\Actions\Parts\PlanKeptPart;
use App\Work\Actions\Raising\RaiseOrderOfCall;
use App\Work\Actions\Requests\TakeOverRequests;
use App\Work\Console\AddUpCostsCommand;
use App\Work\Console\DailyReleaseCommand;
use App\Work\Console\ReleaseCommand;
use App\Work\Extension\AssetOrders;
use App\Work\Extension\AssetRequests;
use App\Work\Extension\BoughtInForOrders;
use App\Work\Extension\ClockToday;
use App\Work\Extension\CostOfAsset;
use App\Work\Extension\DueTogether;
use App\Work\Extension\HandBackToday;
use App\Work\Extension\IntervalKept;
use App\Work\Extension\IssueOfPart;
use App\Work\Extension\JumpToWork;
use App\Work\Extension\LocksAtHandover;
use App\Work\Extension\OrdersAhead;
use App\Work\Extension\OrdersAtHandover;
use App\Work\Extension\OrdersFollow;
use App\Work\Extension\OrdersOnCalendar;
use App\Work\Extension\PartsOfPlannedOrders;
use App\Work\Extension\PartUsedOn;
use App\Work\Extension\PointsToLock;
use App\Work\Extension\RaiseOnAsset;
use App\Work\Extension\ReleaseEarly;
use App\Work\Extension\ReportAtLabel;
use App\Work\Extension\RequestsToday;
use App\Work\Extension\RestrictedAtHandover;
use App\Work\Extension\ShutdownsAhead;
use App\Work\Extension\TakenSoFar;
use App\Work\Extension\UsedOnFailures;
use App\Work\Extension\WorkAtPlace;
use App\Work\Extension\WorkOffers;
use App\Work\Extension\WorkToday;
use App\Work\Imports\OrderImport;
use App\Work\Middleware\MayMoveOrder;
use App\Work\Models\OrderIsolation;
use App\Work\Models\Restriction;
use App\Work\Models\Shutdown;
use App\Work\Models\StandingOrder;
use App\Work\Models\WarrantyClaim;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use App\Work\Policies\RequestPolicy;
use App\Work\Policies\RestrictionPolicy;
use App\Work\Policies\ShutdownPolicy;
use App\Work\Policies\WorkOrderPolicy;
use App\Work\Queries\AssetHolds;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

/** Release, work orders and bookings. */
final class WorkServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(AssetHolds::class);
        $this->callAfterResolving(
            ExtensionList::class,
            static function (ExtensionList $list): void {
                $list->add(
                    AssetOrders::class,
                    RestrictedAtHandover::class,
                    LocksAtHandover::class,
                    OrdersAtHandover::class,
                    PartsOfPlannedOrders::class,
                    BoughtInForOrders::class,
                    UsedOnFailures::class,
                    IssueOfPart::class,
                    PartUsedOn::class,
                    OrdersAhead::class,
                    ShutdownsAhead::class,
                    JumpToWork::class,
                    WorkToday::class,
                    ReleaseEarly::class,
                    IntervalKept::class,
                    DueTogether::class,
                    TakenSoFar::class,
                    OrdersOnCalendar::class,
                    OrdersFollow::class,
                    AssetRequests::class,
                    RaiseOnAsset::class,
                    CostOfAsset::class,
                    RequestsToday::class,
                    WorkAtPlace::class,
                    HandBackToday::class,
                    ClockToday::class,
                    PointsToLock::class,
                    OrderImport::class,
                );
            },
        );
        $this->callAfterResolving(Offers::class, static function (Offers $offers): void {
            $offers->add(...WorkOffers::all());
            $offers->remember('orders', 'requests');
        });
    }

    public function boot(): void
    {
        Gate::policy(WorkOrder::class, WorkOrderPolicy::class);
        Gate::policy(WorkRequest::class, RequestPolicy::class);
        Gate::policy(Restriction::class, RestrictionPolicy::class);
        Gate::policy(Shutdown::class, ShutdownPolicy::class);
        $this->app->bind(GuestsAtLabel::class, ReportAtLabel::class);
        Route::model('request', WorkRequest::class);
        Route::model('isolation', OrderIsolation::class);
        Route::model('standing', StandingOrder::class);
        Route::model('claim', WarrantyClaim::class);
        // A plant stands behind one address, and many report at the end of a shift; a machine that guesses does not.
        RateLimiter::for(
            'report',
            static fn (Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()),
        );
        $this->app
            ->make(Subjects::class)
            ->know(
                'request',
                WorkRequest::class,
                static fn (WorkRequest $one): array => ["{$one->title()} {$one->label()}", "/requests/{$one->id}"],
            );
        $this->app
            ->make(Subjects::class)
            ->know(
                'shutdown',
                Shutdown::class,
                static fn (Shutdown $one): array => ["{$one->title} {$one->label()}", "/shutdowns/{$one->id}"],
            );
        $this->app
            ->make(Subjects::class)
            ->know(
                'order',
                WorkOrder::class,
                static fn (WorkOrder $order): array => ["{$order->title} {$order->label()}", "/orders/{$order->id}"],
            );
        $this->commands([AddUpCostsCommand::class, DailyReleaseCommand::class, ReleaseCommand::class]);
        $this->callAfterResolving(
            Schedule::class,
            static function (Schedule $schedule): void {
                $schedule->command('costs:add-up')->hourly()->withoutOverlapping(30);
                $schedule->command('release:daily')->everyFiveMinutes()->withoutOverlapping(10);
            },
        );
        $this->app->make(Router::class)->aliasMiddleware('order.move', MayMoveOrder::class);
        foreach (['release', 'orders', 'requests'] as $part) {
            $this->app->make(Description::class)->add(resource_path("api/{$part}.json"));
        }
        Event::listen(AssetsMerged::class, TakeOverOrders::class);
        Event::listen(AssetsMerged::class, TakeOverRequests::class);
        Event::listen(BoughtInArrived::class, TakeBoughtIn::class);
        Event::listen(PartsMerged::class, PlanKeptPart::class);
        Event::listen(AssetRuns::class, RefuseToRunLocked::class);
        Event::listen(MaintenanceCalled::class, RaiseOrderOfCall::class);
        // Before those with a number in their place.
        $this->loadRoutesFrom(__DIR__.'/routes-many.php');
        $this->loadRoutesFrom(__DIR__.'/routes.php');
        $this->loadRoutesFrom(__DIR__.'/routes-picks.php');
        $this->loadRoutesFrom(__DIR__.'/routes-shutdowns.php');
        $this->loadRoutesFrom(__DIR__.'/routes-small-jobs.php');
        $this->loadRoutesFrom(__DIR__.'/routes-money.php');
    }
}
