<?php

declare(strict_types=1);

use App\People\Actions\SaveTrade;
use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveMeter;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\MeterInput;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Meter;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\VisitState;
use Sundial\Register\LifeState;
use Tests\Feature\Plant;

/** What the form says of a draft before it is saved. */
function draftSays(Plant $plant, array $with): string
{
    return html_entity_decode(
        (string) test()
            ->as('planner')
            ->post("/assets/{$plant->pump->id}/schedules/preview", $plant->fields($with), ['HX-Request' => 'true'])
            ->assertOk()
            ->getContent(),
        ENT_QUOTES,
    );
}

it('warns of what looks wrong in a schedule, though it can be saved', function (array $with, string $sentence) {
    expect(draftSays(Plant::build(), $with))->toContain($sentence);
})->with([
    'a lead longer than the interval' => [
        ['every' => 7, 'lead' => 10],
        'The lead of 10 days is longer than the interval of 7',
    ],
    'all of the interval ahead, and rest days before it' => [
        ['every' => 3, 'lead' => 4],
        'The lead of 4 days is longer than the interval of 3',
    ],
    'a season far off' => [
        ['every' => 7, 'unit' => 'months', 'anchor_on' => '2026-03-20', 'months' => [4]],
        'leave nothing within the next year',
    ],
    'a season that never comes' => [
        ['every' => 3, 'unit' => 'years', 'anchor_on' => '2026-07-10', 'months' => [3]],
        'This rule has no day left on which it could fall due. Choose other days or more months.',
    ],
    'an end before its season' => [
        ['anchor_on' => '2026-03-20', 'months' => [7], 'ends_on' => '2026-05-19'],
        'No visit is left within its season and its end',
    ],
    'an end before it begins' => [
        ['anchor_on' => '2026-05-20', 'ends_on' => '2026-05-19'],
        'The end lies before the first date.',
    ],
    'a first date in the past' => [['anchor_on' => '2026-02-01'], 'lies in the past, so this schedule starts late'],
]);

it('says nothing where nothing is wrong', function (array $with) {
    expect(draftSays(Plant::build(), $with))
        ->not->toContain('longer than')
        ->not->toContain('leave nothing')
        ->not->toContain('No visit is left')
        ->not->toContain('starts late')
        ->not->toContain('Nobody has')
        ->not->toContain('not in force');
})->with([
    'plainly' => [[]],
    'a lead as long as the interval' => [['every' => 7, 'lead' => 7]],
    'its end on the day of the last visit' => [['anchor_on' => '2026-05-20', 'ends_on' => '2026-05-20']],
    'the first date today' => [['anchor_on' => '2026-03-18']],
    'a season ahead' => [['months' => [11, 12]]],
]);

it('warns of a method that is not in force, and of a trade that nobody has', function () {
    $plant = Plant::build();
    $rigger = app(SaveTrade::class)(Actor::sundial(), null, 'rigger');
    $form = [
        'order_type' => 'preventive',
        'priority' => 'routine',
        'steps' => [['text' => 'Lift it']],
        'labour' => [['trade_id' => $rigger->id, 'people' => 2, 'minutes' => 30]],
    ];
    $draft = app(SaveMethod::class)(
        Actor::sundial(),
        null,
        MethodInput::of(['code' => 'M-8', 'name' => 'Lift'] + $form),
        null,
        true,
    );
    $lift = app(SaveMethod::class)(
        Actor::sundial(),
        null,
        MethodInput::of(['code' => 'M-9', 'name' => 'Lift in force'] + $form),
    );
    expect(Method::query()->whereKey($draft->id)->has('inForce')->exists())
        ->toBeFalse()
        ->and(draftSays($plant, ['method_id' => $draft->id]))
        ->toContain('is not in force yet: no orders are made until it is')
        ->and(draftSays($plant, ['method_id' => $lift->id]))
        ->toContain('Nobody has the trade rigger that the method asks for');
    DB::table('users')
        ->where('login', 'technician')
        ->update(['trade_id' => $rigger->id]);
    expect(draftSays($plant, ['method_id' => $lift->id]))->not->toContain('Nobody has');
});

it('warns of an asset that is not in use', function (LifeState $state) {
    $plant = Plant::build();
    app(SaveAsset::class)(Actor::sundial(), $plant->pump, $plant->site->id, AssetFacts::part(['life_state' => $state]));
    expect(draftSays($plant, []))->toContain("PMP-01 is {$state->value}: no orders are made until it is in use");
})->with([[LifeState::OutOfService], [LifeState::Retired]]);

it('warns of a meter without a rate, and counts no use that has not been', function () {
    $plant = Plant::build();
    $meter = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of([
        'name' => 'Starts',
        'unit' => 'starts',
        'expected_per_year' => '',
    ]));
    expect(
        draftSays($plant, ['rule' => 'usage', 'meter_id' => $meter->id, 'usage_every' => '100', 'anchor_on' => '']),
    )->toContain('Starts has no reading yet');
    $plant->read($meter, 40, '2026-03-17');
    expect(
        draftSays($plant, ['rule' => 'usage', 'meter_id' => $meter->id, 'usage_every' => '100', 'anchor_on' => '']),
    )
        ->toContain('the meter has no rate yet')
        ->and(
            draftSays($plant, [
                'rule' => 'usage',
                'meter_id' => $meter->id,
                'usage_every' => '100',
                'anchor_on' => '',
                'usage_last' => '41',
            ]),
        )
        ->toContain('cannot lie above that');
    $this->as('planner')
        ->from('/today')
        ->post(
            "/assets/{$plant->pump->id}/schedules",
            $plant->fields([
                'rule' => 'usage',
                'meter_id' => $meter->id,
                'usage_every' => '100',
                'anchor_on' => '',
                'usage_last' => '41',
            ]),
        )
        ->assertSessionHasErrors('usage_last');
    expect(Schedule::query()->count())
        ->toBe(0)
        ->and(Meter::query()->find($meter->id)->last_shown)
        ->toBe('40.000');
});

it('refuses what cannot be a schedule, and names the field', function (array $with, string $field) {
    $plant = Plant::build();
    $this->as('planner')
        ->from('/today')
        ->post("/assets/{$plant->pump->id}/schedules", $plant->fields($with))
        ->assertSessionHasErrors($field);
    expect(Schedule::query()->count())->toBe(0);
})->with([
    'a name too long' => [['name' => str_repeat('x', 121)], 'name'],
    'no method' => [['method_id' => 9999999], 'method_id'],
    'every nothing' => [['every' => -1], 'every'],
    'every too much' => [['every' => 1000], 'every'],
    'no unit that is' => [['unit' => 'moons'], 'unit'],
    'no rule that is' => [['rule' => 'sometimes'], 'rule'],
    'no weekday' => [['rule' => 'weekdays', 'weekdays' => []], 'weekdays'],
    'the eighth weekday' => [['rule' => 'weekdays', 'weekdays' => [8]], 'weekdays.0'],
    'no first date' => [['anchor_on' => ''], 'anchor_on'],
    'no date' => [['anchor_on' => '2026-02-30'], 'anchor_on'],
    'an end before the first date' => [['ends_on' => '2026-03-19'], 'ends_on'],
    'more than all lateness' => [['late_share' => 101], 'late_share'],
    'by use without a meter' => [['rule' => 'usage'], 'meter_id'],
    'by a gauge without one' => [['rule' => 'condition'], 'gauge_id'],
    'the sixth Monday' => [['rule' => 'nth', 'nth' => 6, 'nth_weekday' => 1], 'nth'],
    'a lead that is none' => [['lead' => ''], 'lead'],
    'more lead than the whole interval, in per cent' => [['lead' => 110, 'lead_unit' => 'percent'], 'lead'],
    'month 13' => [['months' => [13]], 'months.0'],
]);

it('ends a schedule with a reason, once nothing of it is in hand', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule();
    $order = $plant->release();
    $form = fn (): array => ['version' => $schedule->refresh()->version, 'reason' => 'The seal is gone'];
    $this->as('planner')
        ->from("/schedules/{$schedule->id}")
        ->post("/schedules/{$schedule->id}/end", $form())
        ->assertSessionHasErrors([
            'reason' => "Its next visit is in hand in {$order->label()}. Finish or cancel that order first, then ".
                'end the schedule.',
        ]);
    $this->as('supervisor')
        ->post("/orders/{$order->id}/cancel", ['reason' => 'no longer there', 'visits' => 'give back'])
        ->assertSessionHasNoErrors();
    $this->as('planner')
        ->post("/schedules/{$schedule->id}/end", ['reason' => ''] + $form())
        ->assertSessionHasErrors('reason');
    $this->post("/schedules/{$schedule->id}/end", $form())->assertSessionHasNoErrors();
    expect($schedule->refresh()->ended)
        ->toBeTrue()
        ->and(DB::table('coming_visits')->count())
        ->toBe(0)
        ->and($plant->release()->id)
        ->toBe($order->id);
    $this->get("/schedules/{$schedule->id}")
        ->assertSee('ended')
        ->assertSee('The seal is gone');
    foreach (
        [
            'skip' => ['skip_reason' => 'x'],
            'pause' => ['from' => '2026-03-19', 'pause_reason' => 'x'],
            'count-from' => ['done_on' => '2026-03-18'],
        ] as $what => $with
    ) {
        $this->post(
            "/schedules/{$schedule->id}/{$what}",
            $with + ['version' => $schedule->version, 'reason' => 'x'],
        )->assertSessionHasErrors();
    }
});

it('rests with its visit in hand, and goes on from what was done meanwhile', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['late_share' => 100]);
    $order = $plant->release();
    $this->as('planner')
        ->post("/schedules/{$schedule->id}/pause", [
            'version' => $schedule->refresh()->version,
            'from' => '2026-03-18',
            'pause_reason' => 'no yarn',
        ])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->held_from)
        ->toBe('2026-03-18')
        ->and($schedule->standing->in_hand)
        ->toBe($order->label());
    $this->as('supervisor')->post("/orders/{$order->id}/start");
    $this->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00'])->assertSessionHasNoErrors();
    expect(WorkOrder::query()->find($order->id)->state->value)
        ->toBe('done')
        ->and(Visit::query()->where('schedule_id', $schedule->id)->sole()->state)
        ->toBe(VisitState::Done)
        ->and($plant->release()->id)
        ->toBe($order->id);
    $this->as('planner')
        ->post("/schedules/{$schedule->id}/go-on", ['version' => $schedule->refresh()->version])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->held_from)->toBeNull()->and($schedule->standing->next_due_on)->toBe('2026-04-19');
});

it('offers the methods that suit the asset first', function () {
    $plant = Plant::build();
    $fans = EquipmentClass::query()->create(['name' => 'roof fan']);
    $form = ['order_type' => 'preventive', 'priority' => 'routine', 'steps' => [['text' => 'Look']], 'labour' => []];
    app(SaveMethod::class)(
        Actor::sundial(),
        null,
        MethodInput::of(['code' => 'A-1', 'name' => 'Blades', 'class_id' => $fans->id] + $form),
    );
    app(SaveMethod::class)(
        Actor::sundial(),
        null,
        MethodInput::of(['code' => 'Z-1', 'name' => 'Impeller', 'class_id' => $plant->pump->class_id] + $form),
    );
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}/schedules/new")
        ->assertSeeInOrder([
            'for centrifugal pump',
            'Z-1 Impeller',
            'for any class',
            'M-1 Seal check',
            'for other classes',
            'A-1 Blades',
        ]);
});
