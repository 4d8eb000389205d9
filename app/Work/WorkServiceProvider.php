<?php

declare(strict_types=1);

namespace App\Work;

use App\Platform\Api\Description;
use App\Platform\Extension\Extensions;
use App\Platform\Subjects;
use App\Register\MergeListener;
use App\Work\Console\DailyReleaseCommand;
use App\Work\Console\ReleaseCommand;
use App\Work\Extension\AssetOrders;
use App\Work\Extension\DueTogether;
use App\Work\Extension\IntervalKept;
use App\Work\Extension\JumpToWork;
use App\Work\Extension\OrdersAhead;
use App\Work\Extension\OrdersOnCalendar;
use App\Work\Extension\ReleaseEarly;
use App\Work\Extension\TakenSoFar;
use App\Work\Extension\WorkToday;
use App\Work\Listening\FollowMerge;
use App\Work\Middleware\MayMoveOrder;
use App\Work\Models\WorkOrder;
use App\Work\Policies\WorkOrderPolicy;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

/** Release, work orders and bookings. */
final class WorkServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->tag([FollowMerge::class], MergeListener::MERGES);
        $this->app->resolving(Extensions::class, static function (Extensions $extensions, $app): void {
            foreach (
                [
                    AssetOrders::class,
                    OrdersAhead::class,
                    JumpToWork::class,
                    WorkToday::class,
                    ReleaseEarly::class,
                    IntervalKept::class,
                    DueTogether::class,
                    TakenSoFar::class,
                    OrdersOnCalendar::class,
                ] as $extension
            ) {
                $extensions->add($app->make($extension));
            }
        });
    }

    public function boot(): void
    {
        Gate::policy(WorkOrder::class, WorkOrderPolicy::class);
        $this->app
            ->make(Subjects::class)
            ->know(
                'order',
                WorkOrder::class,
                static fn (WorkOrder $order): array => ["{$order->title} {$order->label()}", "/orders/{$order->id}"],
            );
        $this->commands([ReleaseCommand::class, DailyReleaseCommand::class]);
        $this->callAfterResolving(
            Schedule::class,
            static fn (Schedule $schedule) => $schedule
                ->command('release:daily')
                ->everyFiveMinutes()
                ->withoutOverlapping(10),
        );
        $this->app->make(Router::class)->aliasMiddleware('order.move', MayMoveOrder::class);
        $this->app->make(Description::class)->add(resource_path('api/work.json'));
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
