<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\ScheduleIndex;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Audit\Actor;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\HorizonSpan;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Work\CancelledVisit;
use Tests\Feature\Plant;

use function Tests\Core\day;

it('says a schedule as a sentence', function (array $with, string $sentence) {
    $plant = Plant::build();
    $this->as('planner');
    expect(app(ScheduleWording::class)->sentence($plant->schedule($with)))->toBe($sentence);
})->with([
    'interval' => [
        ['every' => 14, 'late_share' => 0],
        'Every 14 days; kept to the calendar; order made 5 days before.',
    ],
    'one month' => [
        ['every' => 1, 'unit' => 'months', 'late_share' => 100, 'early_share' => 100, 'lead' => 1],
        'Every month; counted from completion; order made 1 day before.',
    ],
    'shares' => [
        ['every' => 2, 'unit' => 'years', 'late_share' => 50, 'early_share' => 25, 'lead' => 0],
        'Every 2 years; 50 % of lateness and 25 % of earliness carried over; order made on the day.',
    ],
    'early only' => [
        ['late_share' => 0, 'early_share' => 75],
        'Every 30 days; 75 % of earliness carried over; order made 5 days before.',
    ],
    'weekdays' => [
        ['rule' => 'weekdays', 'every' => 1, 'weekdays' => [1, 4], 'lead' => 20, 'lead_unit' => 'percent'],
        'Every week on Mon, Thu; kept to the calendar; order made when 20 % of the interval is left.',
    ],
    'nth' => [
        ['rule' => 'nth', 'every' => 3, 'nth' => -1, 'nth_weekday' => [5], 'months' => [3, 6]],
        'On the last Fri of every 3 months, in Mar, Jun; kept to the calendar; order made 5 days before.',
    ],
]);

it('counts afresh when the rule of a schedule changes, but never back over what was done', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['late_share' => 0]);
    $order = $plant->release();
    $this->as('technician')->post("/orders/{$order->id}/start");
    $this->as('technician')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00']);
    expect($schedule->refresh()->standing->next_due_on)->toBe('2026-04-19');
    $change = fn (array $with) => $this->as('planner')
        ->put(
            "/schedules/{$schedule->id}",
            $plant->fields(
                $with + [
                    'late_share' => 0,
                    'last_done_on' => '2026-03-18',
                    'version' => $schedule->refresh()->version,
                ],
            ),
        )
        ->assertSessionHasNoErrors();
    $change(['every' => 7]);
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-03-27')
        ->and($schedule->standing->next_number)
        ->toBe(2);
    // A longer lead changes when the order is made, not when the visit is planned.
    $change(['every' => 7, 'lead' => 6]);
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-03-27')
        ->and($schedule->standing->release_on)
        ->toBe('2026-03-21')
        ->and(Visit::query()->sole()->state->value)
        ->toBe('done');
});

it('moves visits off the days on which the site rests', function () {
    $plant = Plant::build();
    DB::table('site_rest_days')->insert(['site_id' => $plant->site->id, 'day' => '2026-04-20', 'name' => 'Spring']);
    $schedule = $plant->schedule(['anchor_on' => '2026-04-19', 'non_working' => 'forward']);
    expect($schedule->standing->next_point_on)
        ->toBe('2026-04-19')
        ->and($schedule->standing->next_due_on)
        ->toBe('2026-04-21');
});

it('filters schedules by how near they are', function (string $near, array $names) {
    $plant = Plant::build();
    $plant->schedule(['name' => 'in hand', 'anchor_on' => '2026-03-10']);
    $plant->release();
    $dates = [
        'late' => '2026-03-10',
        'due' => '2026-03-18',
        'near' => '2026-03-25',
        'clear' => '2026-07-01',
    ];
    foreach ($dates as $name => $date) {
        $plant->schedule(['name' => $name, 'anchor_on' => $date]);
    }
    foreach (['ended' => ['ended' => true], 'held' => ['held_from' => '2026-03-01']] as $name => $as) {
        $schedule = $plant->schedule(['name' => $name, 'anchor_on' => '2026-03-10'])->fill($as);
        app(KeepStanding::class)($schedule, $schedule->state());
    }
    $found = (new ScheduleIndex())($plant->site->id, ['near' => $near]);
    expect($found['schedules']->pluck('name')->all())
        ->toBe($names)
        ->and($found['hidden'])
        ->toBe(7 - count($names));
})->with([
    ['late', ['late']],
    ['due', ['due']],
    ['near', ['near']],
    ['clear', ['clear']],
    ['in hand', ['in hand']],
    ['held', ['held']],
    ['ended', ['ended']],
    ['', ['late', 'due', 'near', 'clear', 'in hand', 'held', 'ended']],
]);

it('sums up an asset by its most urgent schedule, and by what is in hand', function () {
    $plant = Plant::build();
    $row = fn (): array => (array) DB::table('asset_summaries')
        ->where('asset_id', $plant->pump->id)
        ->first(['next_due_on', 'headline', 'hand_label', 'open_orders']);
    $plant->schedule(['name' => 'Far', 'anchor_on' => '2026-09-01']);
    $plant->schedule(['name' => 'Soon', 'anchor_on' => '2026-03-21']);
    expect($row())->toMatchArray(['next_due_on' => '2026-03-21', 'headline' => 'Soon', 'hand_label' => null]);
    $order = $plant->release();
    expect($row())->toMatchArray([
        'next_due_on' => '2026-09-01',
        'headline' => 'Far',
        'hand_label' => $order->label(),
        'open_orders' => 1,
    ]);
    $this->as('planner')
        ->get('/assets?near='.urlencode('in hand'))
        ->assertSee("in hand {$order->label()}");
    $this->as('technician')->post("/orders/{$order->id}/start");
    $this->as('technician')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00']);
    expect($row())->toMatchArray(['headline' => 'Soon', 'hand_label' => null, 'open_orders' => 0]);
});

it('lays visits and orders on the horizon without one label over another, and bundles crowded days', function (
    string $span,
    int $most,
) {
    $plant = Plant::build();
    foreach (range(0, 4) as $i) {
        $plant->schedule([
            'name' => "A rather long name of a check {$i}",
            'every' => 28,
            'anchor_on' => "2026-03-2{$i}",
        ]);
    }
    foreach (range(0, 5) as $i) {
        $plant->schedule(['name' => "Inside {$i}", 'every' => 28, 'anchor_on' => '2026-04-10'], $plant->motor);
    }
    $plant->release();
    $this->as('planner');
    session(['horizon.folded' => false, 'horizon.span' => $span]);
    $horizon = Horizon::of($plant->pump->subject(), 'Feed pump 1', app(CurrentSite::class)->today());
    $lanes = [];
    foreach ($horizon->placed as $item) {
        expect($item['x'])->toBeGreaterThanOrEqual($lanes[$item['y']] ?? 0.0);
        $lanes[$item['y']] = $item['x'] + $item['width'] + 6.6 * mb_strlen($item['label']);
    }
    $marks = array_map(fn (array $item) => $item['mark'], $horizon->placed);
    [$back, $ahead] = HorizonSpan::from($span)->days();
    // Every visit and open order within reach is there, alone or in a bundle: those of the pump, and of the motor
    // inside it.
    $expected =
        DB::table('coming_visits as v')
            ->join('schedule_standings as s', 's.schedule_id', '=', 'v.schedule_id')
            ->whereRaw('NOT (s.visit_id IS NOT NULL AND v.planned_on = s.next_due_on)')
            ->whereBetween('v.planned_on', [
                (string) day('2026-03-18')->plusDays(-$back),
                (string) day('2026-03-18')->plusDays($ahead),
            ])
            ->count() + WorkOrder::query()->count();
    expect(array_sum(array_map(fn ($mark) => $mark->count, $marks)))
        ->toBe($expected)
        ->and(max(array_map(fn ($mark) => $mark->count, $marks)))
        ->toBe($most)
        ->and($horizon->x($horizon->today))
        ->toBe(round((1204 * $back) / ($back + $ahead), 1));
})->with([['week', 1], ['2 months', 6], ['quarter', 6], ['year', 6]]);

it('moves an order on the horizon to another day, and back', function () {
    $plant = Plant::build();
    $plant->schedule();
    $order = $plant->release();
    $this->as('planner')
        ->from('/orders')
        ->put("/orders/{$order->id}/planned-day", ['planned_on' => '2026-03-24', 'version' => $order->version])
        ->assertRedirect('/orders')
        ->assertSessionHas('said', 'W-1001 is planned for Tue 24 Mar now.');
    expect($order->refresh()->planned_on)->toBe('2026-03-24')->and($order->due_on)->toBe('2026-03-20');
    $this->as('planner')
        ->put("/orders/{$order->id}/planned-day", ['planned_on' => '2026-03-25', 'version' => $order->version - 1])
        ->assertSessionHasErrors('stale');
    $this->as('planner')
        ->put("/orders/{$order->id}/planned-day", ['planned_on' => 'soon'])
        ->assertSessionHasErrors('planned_on');
    $undo = session('undo') ?? ['fields' => ['planned_on' => '2026-03-20']];
    $this->as('planner')
        ->put("/orders/{$order->id}/planned-day", $undo['fields'])
        ->assertSessionHasNoErrors();
    expect($order->refresh()->planned_on)->toBe('2026-03-20');
    app(CancelWorkOrder::class)(Actor::sundial(), $order, 'no', CancelledVisit::GiveBack);
    $this->as('planner')
        ->put("/orders/{$order->id}/planned-day", ['planned_on' => '2026-03-26'])
        ->assertSessionHasErrors('planned_on');
});

it('says how long something has gone on', function (int $minutes, string $words) {
    Plant::build();
    $this->as('planner')->get('/me');
    expect(app(Wording::class)->lasting($minutes))->toBe($words);
})->with([[0, '0 min'], [59, '59 min'], [60, '1 h'], [130, '2 h 10 min'], [1440, '1 d'], [1530, '1 d 1 h']]);

it('words dates, times, durations and money for the site', function () {
    Plant::build();
    $this->as('planner');
    $words = app(Wording::class);
    expect($words->day('2026-03-24'))
        ->toBe('24 Mar')
        ->and($words->day('2027-03-24'))
        ->toBe('24 Mar 2027')
        ->and($words->day(null))
        ->toBe('—')
        ->and(
            array_map($words->relative(...), ['2026-03-18', '2026-03-19', '2026-03-17', '2026-03-30', '2026-03-12']),
        )
        ->toBe(['today', 'tomorrow', 'yesterday', 'in 12 d', '6 d ago'])
        ->and($words->instant('2026-03-18 05:50:00'))
        ->toBe('today 05:50')
        ->and($words->instant('2026-04-01 05:50:00'))
        ->toBe('1 Apr 06:50')
        ->and(array_map($words->minutes(...), [45, 60, 75, 210]))
        ->toBe(['45 min', '1 h', '1.25 h', '3.5 h'])
        ->and($words->money(123456))
        ->toBe("1\u{202f}234.56 EUR")
        ->and($words->money(-5))
        ->toBe('−0.05 EUR')
        ->and($words->count(1, 'order'))
        ->toBe('1 order')
        ->and($words->count(2000, 'order'))
        ->toBe("2\u{202f}000 orders");
});

it('takes a schedule in and out with its season', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['months' => [5, 6], 'anchor_on' => '2026-03-20']);
    expect($schedule->standing->next_due_on)->toBe('2026-05-19');
    $this->clock->set('2026-05-14 08:00:00');
    $order = $plant->release();
    expect($order->due_on)->toBe('2026-05-19');
    $this->clock->set('2026-06-20 08:00:00');
    $this->as('technician')->post("/orders/{$order->id}/start");
    $this->as('technician')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-06-20T08:00']);
    // Fixed 18 July is out of season; the next fixed point in season lies a year on, and half the way back to 20 July
    // is out of season too: 1 May.
    expect(substr(Schedule::query()->sole()->standing->next_due_on, 0, 7))->toBe('2027-05');
});
