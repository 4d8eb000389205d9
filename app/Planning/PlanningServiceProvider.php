<?php

declare(strict_types=1);

namespace App\Planning;

use App\Planning\Console\AddUpLoadsCommand;
use App\Planning\Console\RecountCommand;
use App\Planning\Extension\AddSchedule;
use App\Planning\Extension\AssetSchedules;
use App\Planning\Extension\JumpToPlans;
use App\Planning\Extension\PlansToday;
use App\Planning\Extension\VisitsAhead;
use App\Planning\Imports\ScheduleImport;
use App\Planning\Listening\ChangesOfTheDay;
use App\Planning\Listening\CountSchedulesOnMeter;
use App\Planning\Listening\FollowAsset;
use App\Planning\Listening\HoldSchedulesOfAsset;
use App\Planning\Listening\MoveOffRestDay;
use App\Planning\Listening\NearnessOfTheDay;
use App\Planning\Listening\PausesOfTheDay;
use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use App\Planning\Policies\RoundPolicy;
use App\Planning\Policies\SchedulePolicy;
use App\Planning\Projections\PutOffVisits;
use App\Planning\Queries\LadderOf;
use App\Planning\Queries\SchedulesOf;
use App\Platform\Api\Description;
use App\Platform\Extension\Extensions;
use App\Platform\Import\ImportKind;
use App\Platform\Sites\DayBegan;
use App\Platform\Sites\DaysOfRestChanged;
use App\Register\CopyListener;
use App\Register\LifeStateListener;
use App\Register\MergeListener;
use App\Register\MeterListener;
use Illuminate\Console\Scheduling\Schedule as Scheduler;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

/** Methods, schedules and their visits. */
final class PlanningServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(PutOffVisits::class);
        $this->app->scoped(SchedulesOf::class);
        $this->app->scoped(LadderOf::class);
        $this->app->tag([ScheduleImport::class], ImportKind::KINDS);
        $this->app->tag([HoldSchedulesOfAsset::class], LifeStateListener::TAG);
        $this->app->tag([FollowAsset::class], [MergeListener::MERGES, CopyListener::COPIES]);
        $this->app->tag([CountSchedulesOnMeter::class], MeterListener::TAG);
        $this->app->resolving(Extensions::class, static function (Extensions $extensions, $app): void {
            foreach (
                [
                    AssetSchedules::class,
                    VisitsAhead::class,
                    AddSchedule::class,
                    JumpToPlans::class,
                    PlansToday::class,
                ] as $extension
            ) {
                $extensions->add($app->make($extension));
            }
        });
    }

    public function boot(): void
    {
        Gate::policy(Round::class, RoundPolicy::class);
        Gate::policy(Schedule::class, SchedulePolicy::class);
        Event::listen(DayBegan::class, PausesOfTheDay::class);
        Event::listen(DayBegan::class, ChangesOfTheDay::class);
        Event::listen(DayBegan::class, NearnessOfTheDay::class);
        Event::listen(DaysOfRestChanged::class, MoveOffRestDay::class);
        $this->commands([AddUpLoadsCommand::class, RecountCommand::class]);
        $this->callAfterResolving(
            Scheduler::class,
            static fn (Scheduler $scheduler) => $scheduler
                ->command('outlook:add-up')
                ->hourly()
                ->withoutOverlapping(30),
        );
        $this->app->make(Description::class)->add(resource_path('api/planning.json'));
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
