<?php

declare(strict_types=1);

namespace App\Planning;

use App\Planning\Actions\CountSchedulesOnMeter;
use App\Planning\Actions\FollowLater;
use App\Planning\Actions\FollowPausesOfTheDay;
use App\Planning\Actions\HoldSchedulesOfAsset;
use App\Planning\Actions\MakeChangesOfTheDay;
use App\Planning\Actions\MoveOffRestDay;
use App\Planning\Actions\NameKeptPart;
use App\Planning\Actions\PutSchedulesOnCopy;
use App\Planning\Actions\TakeOverSchedules;
use App\Planning\Console\AddUpLoadsCommand;
use App\Planning\Console\FollowMetersCommand;
use App\Planning\Console\RecountCommand;
use App\Planning\Extension\AddSchedule;
use App\Planning\Extension\AssetSchedules;
use App\Planning\Extension\JumpToPlans;
use App\Planning\Extension\PartsOfVisits;
use App\Planning\Extension\PlanningOffers;
use App\Planning\Extension\PlansToday;
use App\Planning\Extension\SchedulesFollow;
use App\Planning\Extension\SchedulesOnMeter;
use App\Planning\Extension\VisitsAhead;
use App\Planning\Imports\ScheduleImport;
use App\Planning\Models\Round;
use App\Planning\Models\Schedule;
use App\Planning\Policies\RoundPolicy;
use App\Planning\Policies\SchedulePolicy;
use App\Planning\Projections\NearnessOfTheDay;
use App\Planning\Projections\PutOffNearness;
use App\Planning\Projections\PutOffVisits;
use App\Planning\Queries\LadderOf;
use App\Planning\Queries\SchedulesOf;
use App\Platform\Api\Description;
use App\Platform\Extension\ExtensionList;
use App\Platform\Extension\Offers;
use App\Platform\Sites\DayBegan;
use App\Platform\Sites\DaysOfRestChanged;
use App\Register\Events\AssetCopied;
use App\Register\Events\AssetsMerged;
use App\Register\Events\LifeStateChanged;
use App\Register\Events\ManyReadingsTaken;
use App\Register\Events\ReadingTaken;
use App\Stores\Events\PartsMerged;
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
        $this->app->scoped(PutOffNearness::class);
        $this->app->scoped(SchedulesOf::class);
        $this->app->scoped(LadderOf::class);
        $this->callAfterResolving(
            ExtensionList::class,
            static function (ExtensionList $list): void {
                $list->add(
                    AssetSchedules::class,
                    PartsOfVisits::class,
                    VisitsAhead::class,
                    AddSchedule::class,
                    JumpToPlans::class,
                    PlansToday::class,
                    SchedulesOnMeter::class,
                    SchedulesFollow::class,
                    ScheduleImport::class,
                );
            },
        );
        $this->callAfterResolving(Offers::class, static function (Offers $offers): void {
            $offers->add(...PlanningOffers::all());
            $offers->remember('schedules', 'methods');
        });
    }

    public function boot(): void
    {
        Gate::policy(Round::class, RoundPolicy::class);
        Gate::policy(Schedule::class, SchedulePolicy::class);
        Event::listen(DayBegan::class, FollowPausesOfTheDay::class);
        Event::listen(DayBegan::class, MakeChangesOfTheDay::class);
        Event::listen(DayBegan::class, NearnessOfTheDay::class);
        Event::listen(DaysOfRestChanged::class, MoveOffRestDay::class);
        $this->commands([AddUpLoadsCommand::class, FollowMetersCommand::class, RecountCommand::class]);
        $this->callAfterResolving(
            Scheduler::class,
            static function (Scheduler $scheduler): void {
                $scheduler->command('outlook:add-up')->hourly()->withoutOverlapping(30);
                $scheduler->command('readings:follow')->everyFiveMinutes()->withoutOverlapping(30);
            },
        );
        $this->app->make(Description::class)->add(resource_path('api/planning.json'));
        Event::listen(ReadingTaken::class, CountSchedulesOnMeter::class);
        Event::listen(ManyReadingsTaken::class, FollowLater::class);
        Event::listen(LifeStateChanged::class, HoldSchedulesOfAsset::class);
        Event::listen(PartsMerged::class, NameKeptPart::class);
        Event::listen(AssetsMerged::class, TakeOverSchedules::class);
        Event::listen(AssetCopied::class, PutSchedulesOnCopy::class);
        $this->loadRoutesFrom(__DIR__.'/routes.php');
    }
}
