<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** The stored totals of a meter, oldest first. */
function totals(Meter $meter): array
{
    return array_map(
        static fn (string $total): float => (float) $total,
        DB::table('reading_totals')->where('meter_id', $meter->id)->orderBy('at')->pluck('total')->all(),
    );
}

it('puts a counter on an asset and takes its first reading', function () {
    $plant = Plant::build();
    $to = $this->as('planner')
        ->post("/assets/{$plant->pump->id}/meters", [
            'name' => 'Running hours',
            'unit' => 'h',
            'decimals' => 1,
            'expected_per_year' => '4 383',
            'window_days' => 90,
        ])
        ->headers->get('Location');
    $meter = Meter::query()->sole();
    expect($to)
        ->toEndWith("/meters/{$meter->id}")
        ->and($meter->expected_per_year)
        ->toBe('4383.000');
    $this->as('technician')
        ->post("/meters/{$meter->id}/readings", ['shown' => '1 234,5', 'at' => '2026-03-18T07:00'])
        ->assertSessionHasNoErrors();
    $this->as('technician')
        ->get("/meters/{$meter->id}")
        ->assertSee("1\u{202f}234.5")
        ->assertSee('12.0')
        ->assertSee('from its expected use');
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/meters", [
            'name' => 'Running hours',
            'unit' => 'h',
            'decimals' => 0,
            'window_days' => 90,
        ])
        ->assertSessionHasErrors('name');
    foreach (
        [['decimals' => 7], ['window_days' => 3], ['rolls_over_at' => 'never'], ['expected_per_year' => '-5']] as $bad
    ) {
        $this->as('planner')
            ->post(
                "/assets/{$plant->pump->id}/meters",
                $bad + ['name' => 'Other', 'unit' => 'h', 'decimals' => 0, 'window_days' => 90],
            )
            ->assertSessionHasErrors(array_keys($bad));
    }
});

it('questions the implausible, and takes each way out', function () {
    $plant = Plant::build();
    $meter = $plant->meter(with: ['rolls_over_at' => '10000']);
    $read = fn (array $with) => $this->as('technician')
        ->from("/meters/{$meter->id}")
        ->post("/meters/{$meter->id}/readings", $with + ['at' => '2026-03-18T07:00']);
    $read(['shown' => '9300'])->assertSessionHasErrors('turn');
    $this->get("/meters/{$meter->id}")
        ->assertSee('more than 24 hours a day')
        ->assertSee('It rolled over')
        ->assertSee('9300');
    $read(['shown' => '900'])->assertSessionHasErrors('turn');
    $this->get("/meters/{$meter->id}")
        ->assertSee('a counter never falls')
        ->assertDontSee('It is right as typed');
    $read(['shown' => '900', 'turn' => 'confirmed'])->assertSessionHasErrors('turn');
    $read(['shown' => '5', 'turn' => 'replaced'])->assertSessionHasErrors('old_final');
    $read(['shown' => 'abc'])->assertSessionHasErrors('shown');
    $read(['shown' => '1500', 'at' => '2026-03-19T07:00'])->assertSessionHasErrors('at');
    expect(Reading::query()->count())->toBe(6);
    $read(['shown' => '5', 'turn' => 'replaced', 'old_final' => '1430'])->assertSessionHasNoErrors();
    expect(totals($meter))
        ->toBe([1000.0, 1084.0, 1168.0, 1252.0, 1336.0, 1420.0, 1430.0])
        ->and($meter->refresh()->last_shown)
        ->toBe('5.000');
    $read(['shown' => '17', 'at' => '2026-03-18T08:00', 'turn' => 'confirmed'])->assertSessionHasNoErrors();
    expect($meter->refresh()->last_total)->toBe('1442.000');
});

it('strikes a reading out with a reason, as a row of its own, and counts afresh what it had caused', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $schedule = $plant->schedule([
        'rule' => 'usage',
        'meter_id' => $meter->id,
        'usage_every' => '500',
        'late_share' => 0,
        'anchor_on' => '',
    ]);
    // 12 h a day from 1 420 h on 17 March; due at 1 920 h: 500 / 12 = 41 days: 27 April.
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-04-27')
        ->and($schedule->standing->expected)->toBeTrue();
    $wrong = $plant->read($meter, 14300, '2026-03-18', 'confirmed');
    expect($schedule->refresh()->standing->only(['next_due_on', 'usage_reached', 'late_from']))->toBe([
        'next_due_on' => '2026-03-18',
        'usage_reached' => true,
        'late_from' => '2026-03-19',
    ]);
    $this->as('technician')
        ->post("/readings/{$wrong->id}/strike", ['reason' => 'a digit too many'])
        ->assertForbidden();
    $this->as('planner')
        ->post("/readings/{$wrong->id}/strike", [])
        ->assertSessionHasErrors('reason');
    $this->as('planner')
        ->post("/readings/{$wrong->id}/strike", ['reason' => 'a digit too many'])
        ->assertSessionHas(
            'said',
            'The reading is struck out; it stays in the list with its reason. Seal check: next 27 Apr, was 18 Mar.',
        );
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-04-27')
        ->and(DB::table('coming_visits')->where('schedule_id', $schedule->id)->min('planned_on'))
        ->toBe('2026-04-27');
    $this->get("/meters/{$meter->id}")->assertSee('struck out by Planner One: a digit too many');
    expect(
        fn () => DB::table('readings')
            ->where('id', $wrong->id)
            ->update(['shown' => 1]),
    )
        ->toThrow(QueryException::class)
        ->and(fn () => DB::table('reading_strikes')->delete())
        ->toThrow(QueryException::class);
});

it('refuses to strike out what others stand on', function () {
    $plant = Plant::build();
    $meter = $plant->meter(1, with: ['rolls_over_at' => '1001']);
    $this->as('planner')
        ->post('/readings/'.Reading::query()->sole()->id.'/strike', ['reason' => 'x'])
        ->assertSessionHasErrors([
            'reason' => 'This is the only reading of the meter. Take the right one first, then strike this one out.',
        ]);
    $rolled = $plant->read($meter, 9, '2026-03-18', 'rolled over');
    expect(totals($meter))->toBe([1000.0, 1010.0]);
    $plant->read($meter->refresh(), 20, '2026-03-18', 'confirmed');
    $this->as('planner')
        ->post("/readings/{$rolled->id}/strike", ['reason' => 'x'])
        ->assertSessionHasErrors('reason');
    expect(DB::table('reading_strikes')->count())->toBe(0);
});

it('leaves a released order alone when the reading that made it due is struck out, and says so', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $schedule = $plant->schedule([
        'rule' => 'usage',
        'meter_id' => $meter->id,
        'usage_every' => '500',
        'anchor_on' => '',
    ]);
    $wrong = $plant->read($meter, 14300, '2026-03-18', 'confirmed');
    $order = $plant->release();
    expect($order?->due_on)->toBe('2026-03-18');
    $this->as('planner')->post("/readings/{$wrong->id}/strike", ['reason' => 'mistyped']);
    expect($order->refresh()->state->value)
        ->toBe('approved')
        ->and(Visit::query()->sole()->note)
        ->toBe('the reading that made it due was struck out');
    $this->as('planner')
        ->get("/orders/{$order->id}")
        ->assertSee('the reading that made it due was struck out');
});

it(
    'takes a reading with the finish of an order, counts on from it, and replaces an estimate by what is read later',
    function () {
        $plant = Plant::build();
        $meter = $plant->meter();
        $schedule = $plant->schedule([
            'rule' => 'usage',
            'meter_id' => $meter->id,
            'usage_every' => '50',
            'late_share' => 100,
            'early_share' => 100,
            'anchor_on' => '',
        ]);
        $order = app(StartWorkOrder::class)($plant->person('technician')->actor(), $plant->release());
        $this->as('technician')
            ->get("/orders/{$order->id}")
            ->assertSee('Running hours shows now, in h');
        $finish = fn (array $with) => $this->as('technician')
            ->from("/orders/{$order->id}")
            ->post("/orders/{$order->id}/finish", $with + ['finished_at' => '2026-03-18T08:00']);
        $finish(['readings' => [$meter->id => '14300']])->assertSessionHasErrors("readings.{$meter->id}");
        $this->get("/orders/{$order->id}")
            ->assertSee('more than 24 hours a day')
            ->assertSee('14300');
        expect($order->refresh()->state->value)->toBe('under way');
        $finish(['readings' => [$meter->id => '1436']])->assertSessionHasNoErrors();
        expect($schedule->refresh()->standing->usage_due)
            ->toBe('1486.000')
            ->and(Reading::query()->orderByDesc('id')->firstOrFail()->source)
            ->toBe('order W-1001');
        // The next is finished without a reading: 12 h a day since the last, until one is taken.
        $this->clock->set('2026-03-22 08:00:00');
        $second = app(StartWorkOrder::class)($plant->person('technician')->actor(), $plant->release());
        $this->as('technician')
            ->post("/orders/{$second->id}/finish", ['finished_at' => '2026-03-22T08:00'])
            ->assertSessionHasNoErrors();
        $estimate = (float) Visit::query()->orderByDesc('number')->firstOrFail()->done_total;
        expect($estimate)->toBeGreaterThan(1470.0)->toBeLessThan(1500.0);
        $this->clock->set('2026-03-26 08:00:00');
        $plant->read($meter, 1460, '2026-03-26');
        $known = (float) Visit::query()->orderByDesc('number')->firstOrFail()->done_total;
        // Between 1 436 h on the 18th at 8 and 1 460 h on the 26th at 6: half of the way and an hour.
        expect($known)
            ->toBe(round(1436 + (24 * 96) / 190, 3))
            ->and((float) $schedule->refresh()->standing->usage_due)
            ->toBe($known + 50)
            ->and(WorkOrder::query()->count())
            ->toBe(2);
    },
);

it('sets a schedule on both triggers through its form, shows what happens next, and two suns', function () {
    $plant = Plant::build();
    $fields = $plant->fields([
        'every' => 60,
        'anchor_on' => '2026-05-10',
        'usage_every' => '500',
        'usage_last' => '1200',
    ]);
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", ['rule' => 'usage', 'meter_id' => ''] + $fields)
        ->assertSessionHasErrors('meter_id');
    $bare = $plant->meter(0);
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", ['meter_id' => $bare->id] + $fields)
        ->assertSessionHasErrors('meter_id');
    $meter = $plant->meter(with: ['name' => 'Hours']);
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", ['meter_id' => $meter->id, 'usage_every' => ''] + $fields)
        ->assertSessionHasErrors('usage_every');
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", ['meter_id' => $meter->id, 'usage_last' => '1500'] + $fields)
        ->assertSessionHasErrors('usage_last');
    $both = ['meter_id' => $meter->id] + $fields;
    // 1 200 + 500 = 1 700 h, 280 h to go at 12 h a day: 23 days from 17 March.
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules/preview", $both, ['HX-Request' => 'true'])
        ->assertSee('Every 60 days or every')
        ->assertSee('whichever first')
        ->assertSee('≈ Thu 9 Apr');
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", $both)
        ->assertSessionHasNoErrors();
    $schedule = Schedule::query()->sole();
    expect($schedule->standing->only(['next_due_on', 'calendar_on', 'leading', 'late_from']))->toBe([
        'next_due_on' => '2026-04-09',
        'calendar_on' => '2026-05-10',
        'leading' => Sundial\Planning\Trigger\Leading::Usage,
        'late_from' => '2026-05-11',
    ]);
    $this->as('engineer')
        ->get("/assets/{$plant->pump->id}")
        ->assertSee('sun-other', false)
        ->assertSee('between 9 Apr and 9 Apr');
    $this->as('engineer')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('By the calendar it would be 10 May; the meter comes first');
});

it('wants a reading when an expected date has passed, and never calls it late', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $schedule = $plant->schedule([
        'rule' => 'usage',
        'meter_id' => $meter->id,
        'usage_every' => '500',
        'lead' => 0,
        'anchor_on' => '',
    ]);
    DB::table('schedules')
        ->where('id', $schedule->id)
        ->update(['approve_at_once' => true]);
    $this->clock->set('2026-05-20 08:00:00');
    $this->as('engineer')->get('/schedules?near=late')->assertSee('No schedule matches');
    $this->as('engineer')->get('/schedules?near=due')->assertSee('due, reading wanted');
    $this->as('technician')
        ->get('/today')
        ->assertSee('Readings wanted')
        ->assertSee("/meters/{$meter->id}#read", false);
    $order = $plant->release();
    expect($order?->due_on)->toBe('2026-04-27');
    $this->as('technician')
        ->get("/orders/{$order->id}")
        ->assertSee('planned about 27 Apr');
});

it('says so when no date can be expected', function () {
    $plant = Plant::build();
    $meter = $plant->meter(1, with: ['expected_per_year' => '']);
    $schedule = $plant->schedule([
        'rule' => 'usage',
        'meter_id' => $meter->id,
        'usage_every' => '500',
        'anchor_on' => '',
    ]);
    expect($schedule->refresh()->standing->next_due_on)->toBeNull();
    $plant->release();
    foreach (
        [
            "/schedules/{$schedule->id}",
            "/assets/{$plant->pump->id}",
            '/schedules',
            '/release',
            '/outlook',
            '/today',
            "/meters/{$meter->id}",
        ] as $page
    ) {
        $this->as('planner')->get($page)->assertOk();
    }
    $this->as('planner')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('no date can be expected yet');
    expect(WorkOrder::query()->count())->toBe(0);
});
