<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Actions\SaveMeter;
use App\Register\Actions\StrikeReading;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Meter;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Tests\Feature\Plant;

/** A bearing temperature on the pump, and a schedule that two readings above 75 in a row make due. */
function hotBearing(Plant $plant, array $with = []): array
{
    $gauge = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of([
        'kind' => 'gauge',
        'name' => 'Bearing temperature',
        'unit' => '°C',
        'high_limit' => '75',
        'hysteresis' => '4',
    ]));
    test()
        ->as('planner')
        ->post(
            "/assets/{$plant->pump->id}/schedules",
            $with + [
                'name' => 'Regrease',
                'once' => 'c',
                'method_id' => $plant->method->id,
                'rule' => 'condition',
                'non_working' => 'keep',
                'lead' => '3',
                'lead_unit' => 'days',
                'approve_at_once' => '1',
                'gauge_id' => $gauge->id,
                'condition_beyond' => 'high',
                'condition_limit' => '75',
                'condition_readings' => '2',
                'condition_hysteresis' => '4',
            ],
        )
        ->assertSessionHasNoErrors();

    return [$gauge, Schedule::query()->where('name', 'Regrease')->sole()];
}

/** Reads the gauge at noon of a day, which becomes today. */
function readHot(Plant $plant, Meter $gauge, string $shown, string $day): App\Register\Models\Reading
{
    app(Clock::class)->set("{$day} 12:00:00");
    app()->forgetScopedInstances();

    return $plant->read($gauge, $shown, $day);
}

it(
    'makes one order when its gauge stays beyond, says what made it due, and counts afresh after it is done',
    function () {
        $plant = Plant::build();
        [$gauge, $schedule] = hotBearing($plant);
        expect(session('said'))->toContain('falls due when its gauge says so');
        $this->get("/schedules/{$schedule->id}")
            ->assertSee('When Bearing temperature is above')
            ->assertSee('waits for its gauge');
        foreach (['2026-03-18' => '76', '2026-03-19' => '74', '2026-03-20' => '77'] as $day => $shown) {
            readHot($plant, $gauge, $shown, $day);
        }
        expect($schedule->refresh()->standing->next_due_on)->toBeNull()->and($plant->release())->toBeNull();
        readHot($plant, $gauge, '78', '2026-03-21');
        expect($schedule->refresh()->standing->next_due_on)
            ->toBe('2026-03-21')
            ->and($schedule->standing->leading->value)
            ->toBe('condition');
        $this->get("/schedules/{$schedule->id}")
            ->assertSee('made it due on')
            ->assertSee('78');
        $order = $plant->release();
        readHot($plant, $gauge, '80', '2026-03-22');
        $plant->release();
        expect(WorkOrder::query()->count())
            ->toBe(1)
            ->and(Visit::query()->sole()->reading_id)
            ->not->toBeNull();
        $this->get("/orders/{$order->id}")->assertSee('Bearing temperature showed 78');
        app(FinishWorkOrder::class)(
            Actor::sundial(),
            app(StartWorkOrder::class)(Actor::sundial(), $order),
            new DateTimeImmutable('2026-03-22 12:00:00'),
        );
        expect($schedule->refresh()->standing->next_due_on)->toBeNull();
        readHot($plant, $gauge, '79', '2026-03-23');
        expect($schedule->refresh()->standing->next_due_on)->toBeNull();
        readHot($plant, $gauge, '79', '2026-03-24');
        expect($schedule->refresh()->standing->next_due_on)->toBe('2026-03-24');
    },
);

it('takes no order back when its reading is struck out, but says so', function () {
    $plant = Plant::build();
    [$gauge, $schedule] = hotBearing($plant, ['condition_readings' => '1']);
    $wrong = readHot($plant, $gauge, '760', '2026-03-18');
    app(StrikeReading::class)(Actor::sundial(), $wrong, 'a digit too many');
    expect($schedule->refresh()->standing->next_due_on)->toBeNull();
    $wrong = readHot($plant, $gauge, '780', '2026-03-19');
    $order = $plant->release();
    [$said] = [app(StrikeReading::class)(Actor::sundial(), $wrong, 'a digit too many')];
    expect($schedule->refresh()->standing->in_hand)
        ->toBe($order->label())
        ->and(Visit::query()->sole()->note)
        ->toBe('the reading that made it due was struck out');
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('the reading that made it due was struck out');
});

it('waits after a skip until a reading was back inside', function () {
    $plant = Plant::build();
    [$gauge, $schedule] = hotBearing($plant, ['condition_readings' => '1']);
    readHot($plant, $gauge, '78', '2026-03-19');
    $this->as('planner')
        ->post("/schedules/{$schedule->id}/skip", [
            'version' => $schedule->refresh()->version,
            'skip_reason' => 'hot weather',
        ])
        ->assertSessionHasNoErrors();
    readHot($plant, $gauge, '79', '2026-03-20');
    readHot($plant, $gauge, '73', '2026-03-21');
    readHot($plant, $gauge, '79', '2026-03-22');
    expect($schedule->refresh()->standing->next_due_on)->toBeNull();
    $this->get("/schedules/{$schedule->id}")->assertSee('counts again once a reading is back inside');
    readHot($plant, $gauge, '71', '2026-03-23');
    readHot($plant, $gauge, '79', '2026-03-24');
    expect($schedule->refresh()->standing->next_due_on)->toBe('2026-03-24');
});

it('comes before the calendar of the same schedule, and starts that afresh', function () {
    $plant = Plant::build();
    [$gauge, $schedule] = hotBearing($plant, [
        'rule' => 'interval',
        'every' => '30',
        'unit' => 'days',
        'late_share' => '0',
        'early_share' => '0',
        'anchor_on' => '2026-04-10',
        'condition_readings' => '1',
    ]);
    expect($schedule->standing->next_due_on)->toBe('2026-04-10');
    $this->get("/schedules/{$schedule->id}")->assertSee('Every 30 days or when Bearing temperature is above');
    readHot($plant, $gauge, '78', '2026-03-25');
    expect($schedule->refresh()->standing->next_due_on)->toBe('2026-03-25');
    $order = $plant->release();
    app(FinishWorkOrder::class)(
        Actor::sundial(),
        app(StartWorkOrder::class)(Actor::sundial(), $order),
        new DateTimeImmutable('2026-03-25 12:00:00'),
    );
    expect($schedule->refresh()->standing->next_due_on)->toBe('2026-04-24');
});

it('names the field when a condition is not whole', function () {
    $plant = Plant::build();
    $fields = [
        'rule' => 'condition',
        'once' => 'd',
        'method_id' => $plant->method->id,
        'non_working' => 'keep',
        'lead' => '3',
        'lead_unit' => 'days',
    ];
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", $fields)
        ->assertSessionHasErrors(['gauge_id' => 'Choose the gauge whose readings make it due.']);
    $gauge = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of([
        'kind' => 'gauge',
        'name' => 'Pressure',
        'unit' => 'bar',
    ]));
    $this->post(
        "/assets/{$plant->pump->id}/schedules",
        $fields + ['gauge_id' => $gauge->id],
    )->assertSessionHasErrors([
        'condition_limit' => 'Say beyond which value of the gauge it falls due.',
    ]);
    $this->post(
        "/assets/{$plant->pump->id}/schedules",
        $fields + ['gauge_id' => $gauge->id, 'condition_limit' => 'hot'],
    )->assertSessionHasErrors('condition_limit');
});

it('stands on every page that names schedules', function () {
    $plant = Plant::build();
    [$gauge, $schedule] = hotBearing($plant, ['condition_readings' => '1']);
    $plant->schedule([
        'name' => 'Also when hot',
        'rule' => 'condition',
        'gauge_id' => $gauge->id,
        'condition_limit' => '70',
    ]);
    $plant->schedule();
    readHot($plant, $gauge, '78', '2026-03-19');
    foreach (
        [
            "/assets/{$plant->pump->id}",
            '/schedules',
            "/schedules/{$schedule->id}",
            "/schedules/{$schedule->id}/edit",
            '/today',
            '/release',
            '/outlook',
            '/calendar',
            "/meters/{$gauge->id}",
            "/methods/{$plant->method->id}",
            "/outlook/what-if?method={$plant->method->id}",
            "/assets/{$plant->pump->id}/together",
        ] as $page
    ) {
        $this->as('planner')->get($page)->assertOk();
    }
    expect($this->get('/schedules.csv')->streamedContent())->toContain('when Bearing temperature is above');
    api('planner', 'GET', 'schedules')->assertOk()->assertJsonPath('data.0.id', $schedule->id);
});

it('says when a condition counts again, and which readings count', function () {
    $plant = Plant::build();
    [, $schedule] = hotBearing($plant);
    $this->as('planner')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('again once it was back by');
    $this->get("/schedules/{$schedule->id}/edit")->assertSee('earlier ones do not');
});
