<?php

declare(strict_types=1);

use App\People\Models\User;
use App\Planning\Models\Schedule;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\CurrentSite;
use App\Register\Actions\SaveMeter;
use App\Register\Inputs\MeterInput;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\ReopenWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

function why(Schedule $schedule): string
{
    auth()->login(User::query()->where('login', 'planner')->firstOrFail());
    app(CurrentSite::class)->enter($schedule->site_id);

    $said = app(ScheduleWording::class)->because($schedule->refresh()->load(['meter', 'gauge']));

    return (string) preg_replace('/[\x{a0}\x{202f}]/u', ' ', $said);
}

function finish(WorkOrder $order, string $day): WorkOrder
{
    $order = $order->state === OrderState::UnderWay ? $order : app(StartWorkOrder::class)(Actor::sundial(), $order);
    app(Clock::class)->set("{$day} 12:00:00");
    app()->forgetScopedInstances();

    app(FinishWorkOrder::class)(
        Actor::sundial(),
        $order,
        new DateTimeImmutable("{$day} 12:00:00", new DateTimeZone('UTC')),
    );

    return $order->refresh();
}

it('says from what a schedule counts', function (array $with, string $why) {
    $plant = Plant::build();
    expect(why($plant->schedule($with)))->toBe($why);
})->with([
    'its first date' => [[], 'counted from the first date 20 Mar'],
    'when it was last done' => [
        ['last_done_on' => '2026-03-10', 'anchor_on' => '2026-03-20'],
        'counted from when it was last done, 10 Mar',
    ],
    'a day of rest' => [
        ['anchor_on' => '2026-03-29', 'non_working' => 'forward'],
        'counted from the first date 29 Mar; moved from 29 Mar, a day of rest',
    ],
]);

it('says what a visit that was done made of it', function (array $with, string $done, string $why) {
    $plant = Plant::build();
    $schedule = $plant->schedule($with);
    finish($plant->release(), $done);
    expect(why($schedule))->toBe($why);
})->with([
    'late, half carried over' => [
        ['late_share' => 50, 'anchor_on' => '2026-03-20'],
        '2026-03-28',
        'done 8 days late, carry-over 50 %: 4 days later',
    ],
    'on the day, with a share' => [
        ['late_share' => 50, 'anchor_on' => '2026-03-20'],
        '2026-03-20',
        'done on the day, kept to the calendar',
    ],
    'a least gap' => [
        ['late_share' => 0, 'every' => 10, 'least_gap' => 6, 'anchor_on' => '2026-03-20'],
        '2026-03-25',
        'done 5 days late, kept to the calendar; 30 Mar came too soon after it was done',
    ],
    'a season' => [
        ['late_share' => 0, 'every' => 30, 'months' => [3, 6], 'anchor_on' => '2026-03-20'],
        '2026-03-20',
        'done on the day, kept to the calendar; 19 Apr lies in a month without visits',
    ],
    'two missed' => [
        ['late_share' => 0, 'every' => 7, 'anchor_on' => '2026-03-20'],
        '2026-04-05',
        'done 16 days late, kept to the calendar; 2 passed meanwhile and are missed',
    ],
]);

it('says what its counter or its gauge has to do with it', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $hours = $plant->schedule([
        'name' => 'Oil',
        'rule' => 'usage',
        'meter_id' => $meter->id,
        'usage_every' => '100',
        'anchor_on' => '',
        'late_share' => 0,
    ]);
    expect(why($hours))->toBe('counted from 1 420 h');
    $gauge = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of([
        'name' => 'Temperature',
        'kind' => 'gauge',
        'unit' => '°C',
    ]));
    $watch = $plant->schedule([
        'name' => 'Bearing',
        'rule' => 'condition',
        'gauge_id' => $gauge->id,
        'condition_beyond' => 'high',
        'condition_limit' => '75',
        'anchor_on' => '',
    ]);
    expect(why($watch))->toBe('its gauge is watched since the schedule began');
    app(Clock::class)->set('2026-03-19 12:00:00');
    $plant->read($gauge, 80, '2026-03-19');
    expect(why($watch))->toContain('; Temperature made it due on');
});

it('counts the readings of a day of the site, wherever that is', function (
    string $zone,
    string $reading,
    bool $counts,
) {
    $plant = Plant::build();
    $plant->site->update(['timezone' => $zone]);
    app()->forgetScopedInstances();
    $gauge = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of([
        'name' => 'Temperature',
        'kind' => 'gauge',
        'unit' => '°C',
    ]));
    app(App\Register\Actions\TakeReading::class)(
        Actor::sundial(),
        $gauge,
        '80',
        new DateTimeImmutable($reading, new DateTimeZone('UTC')),
    );
    $watch = $plant->schedule([
        'rule' => 'condition',
        'gauge_id' => $gauge->id,
        'condition_beyond' => 'high',
        'condition_limit' => '75',
        'anchor_on' => '',
        'last_done_on' => '2026-03-16',
    ]);
    expect($watch->standing->next_due_on !== null)->toBe($counts);
})->with([
    // Work last done on 16 March: readings of that day are those before it.
    'far east, 17 March there' => ['Pacific/Kiritimati', '2026-03-16 10:30:00', true],
    'far east, 16 March there' => ['Pacific/Kiritimati', '2026-03-16 09:30:00', false],
    'far west, 16 March there' => ['Pacific/Pago_Pago', '2026-03-17 10:30:00', false],
    'far west, 17 March there' => ['Pacific/Pago_Pago', '2026-03-17 11:30:00', true],
]);

it('puts everything back when an order is opened again', function (int $seed) {
    mt_srand($seed);
    $plant = Plant::build();
    $meter = $plant->meter();
    $gauge = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of([
        'name' => 'Temperature',
        'kind' => 'gauge',
        'unit' => '°C',
    ]));
    $schedule = $plant->schedule([
        'late_share' => [0, 50, 100][mt_rand(0, 2)],
        'least_gap' => mt_rand(0, 5),
        'months' => mt_rand(0, 1) === 0 ? [] : [3, 4, 7],
        'non_working' => ['keep', 'forward', 'back', 'nearest'][mt_rand(0, 3)],
        'anchor_on' => '2026-03-2'.mt_rand(0, 2),
    ] +
        (mt_rand(0, 1) === 0 ? [] : ['meter_id' => $meter->id, 'usage_every' => (string) mt_rand(5, 300)]) +
        (mt_rand(0, 1) === 0
            ? []
            : ['gauge_id' => $gauge->id, 'condition_beyond' => 'high', 'condition_limit' => '75']));
    mt_rand(0, 1) === 0 ?: $plant->read($gauge, 80, '2026-03-18');
    $order = app(StartWorkOrder::class)(Actor::sundial(), $plant->release());
    $stands = fn (): array => [
        Arr::except($schedule->refresh()->getAttributes(), ['version', 'updated_at', 'outlook_until']),
        DB::table('coming_visits')
            ->where('schedule_id', $schedule->id)
            ->where('planned_on', '<', '2030-01-01')
            ->orderBy('planned_on')
            ->get()
            ->map(fn (object $row): array => Arr::except((array) $row, ['id']))
            ->all(),
        DB::table('visits')
            ->where('schedule_id', $schedule->id)
            ->get(['number', 'state', 'planned_on', 'done_on', 'done_total'])
            ->map(fn (object $row): array => (array) $row)
            ->all(),
    ];
    $before = $stands();
    $finished = finish($order, '2026-03-'.mt_rand(19, 31));
    expect($stands())->not->toBe($before);
    app(ReopenWorkOrder::class)(Actor::sundial(), $finished, 'not tight yet');
    expect($stands())->toBe($before);
})->with(range(1, 12));
