<?php

declare(strict_types=1);

use App\Planning\Actions\CountOnReadings;
use App\Planning\Actions\FollowWaitingMeters;
use App\Planning\Jobs\FollowMeters;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Actions\Release\ReleaseDueVisits;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Plant;

/** Every 100 h on a pump that ran 84 h a week up to 1 420 h on 17 March. */
function countedSchedule(Plant $plant): Schedule
{
    return $plant->schedule([
        'rule' => 'usage',
        'meter_id' => $plant->meter()->id,
        'usage_every' => '100',
        'late_share' => 0,
        'early_share' => 0,
        'anchor_on' => '',
        'approve_at_once' => true,
    ]);
}

/** @param  list<string>  $shown  one a minute */
function gatewaySends(array $shown): TestResponse
{
    $lines = [];
    foreach ($shown as $i => $reading) {
        $lines[] = [
            'tag' => 'PMP-01',
            'reading' => $reading,
            'at' => sprintf('2026-03-18T07:%02d:00Z', $i),
            'turn' => 'confirmed',
        ];
    }

    return api('technician', 'POST', 'readings', ['site' => 'T', 'readings' => $lines]);
}

it('lets schedules follow what a gateway sent, each meter once, to where they come reading by reading', function () {
    $plant = Plant::build();
    $schedule = countedSchedule($plant);
    $before = $schedule->refresh()->standing->next_due_on;
    $counted = 0;
    DB::listen(static function (QueryExecuted $asked) use (&$counted): void {
        $counted += (int) preg_match('/from `schedules` where `schedules`.`id` = .* for update/', $asked->sql);
    });
    gatewaySends(['1440', '1441', '1442', '1443', '1444'])->assertCreated();
    $stands = $schedule->refresh()->standing->getAttributes();
    $visits = DB::table('coming_visits')->where('schedule_id', $schedule->id)->orderBy('planned_on')->get();
    expect($counted)
        ->toBe(1)
        ->and(DB::table('meters_to_follow')->count())
        ->toBe(0)
        ->and($stands['next_due_on'])
        ->not->toBe($before);
    app(CountOnReadings::class)($schedule->id);
    expect($schedule->refresh()->standing->getAttributes())
        ->toEqual($stands)
        ->and(DB::table('coming_visits')->where('schedule_id', $schedule->id)->orderBy('planned_on')->get())
        ->toEqual($visits);
});

it('keeps waiting what was not followed yet, and follows it before it decides what is due', function () {
    Queue::fake();
    $plant = Plant::build();
    $schedule = countedSchedule($plant);
    $before = $schedule->refresh()->standing->next_due_on;
    gatewaySends(['1440', '1300'])->assertStatus(422);
    expect(DB::table('meters_to_follow')->count())->toBe(0);
    Queue::assertNothingPushed();

    $due = (int) $schedule->standing->usage_due;
    gatewaySends([(string) ($due - 1), (string) ($due + 2)])->assertCreated();
    Queue::assertPushed(FollowMeters::class, 1);
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe($before)
        ->and(DB::table('meters_to_follow')->count())
        ->toBe(1);

    app(ReleaseDueVisits::class)(Actor::sundial(), $plant->site);
    expect(WorkOrder::query()->count())
        ->toBe(1)
        ->and($schedule->refresh()->standing->usage_reached)
        ->toBeTrue()
        ->and(app(FollowWaitingMeters::class)())
        ->toBe(0);
});
