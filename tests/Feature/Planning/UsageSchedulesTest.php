<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Register\Actions\SaveAsset;
use App\Register\Inputs\AssetFacts;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\ReopenWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\VisitState;
use Sundial\Work\CancelledVisit;
use Tests\Feature\Plant;

/** A schedule of 100 h on a pump that ran 84 h a week up to 1 420 h on 17 March. */
function everyHundredHours(Plant $plant, array $with = []): Schedule
{
    return $plant->schedule(
        $with + [
            'rule' => 'usage',
            'meter_id' => $plant->meter()->id,
            'usage_every' => '100',
            'late_share' => 0,
            'early_share' => 0,
            'anchor_on' => '',
        ],
    );
}

function finished(Plant $plant, WorkOrder $order, string $at): void
{
    app(StartWorkOrder::class)($plant->person('technician')->actor(), $order);
    test()
        ->as('technician')
        ->post("/orders/{$order->id}/finish", ['finished_at' => $at])
        ->assertSessionHasNoErrors();
}

it(
    'suspends the totals that pass while the asset is out of service, or has the visit due on the day of return',
    function (int $late, string $due, array $suspended, string $next) {
        $plant = Plant::build();
        $schedule = everyHundredHours($plant, ['late_share' => $late, 'early_share' => $late]);
        $life = fn (string $state) => app(SaveAsset::class)(
            Actor::sundial(),
            $plant->pump->refresh(),
            $plant->site->id,
            AssetFacts::of(['life_state' => $state]),
        );
        $life('out of service');
        expect(DB::table('coming_visits')->where('schedule_id', $schedule->id)->count())->toBe(0);
        $this->clock->set('2026-04-20 08:00:00');
        $plant->read($schedule->meter()->firstOrFail(), 1800, '2026-04-20', 'confirmed');
        $life('in service');
        $schedule->refresh();
        expect($schedule->standing->usage_due)
            ->toBe($due)
            ->and(Visit::query()->where('state', VisitState::Suspended)->orderBy('number')->pluck('due_total')->all())
            ->toBe($suspended)
            ->and($schedule->standing->next_due_on)
            ->toBe($next)
            ->and($schedule->held_from)
            ->toBeNull();
    },
)->with([
    // Due at 1 520 h; 1 800 h on return at 11.2 h a day (380 h in 34 days over a window that begins on 20 January)
    'fixed: the next total, 1 820 h' => [0, '1820.000', ['1520.000', '1620.000', '1720.000'], '2026-04-21'],
    'floating: due on the day of return' => [100, '1520.000', [], '2026-04-20'],
]);

it('records the totals that passed without a visit as missed', function () {
    $plant = Plant::build();
    $schedule = everyHundredHours($plant);
    $this->clock->set('2026-03-26 08:00:00');
    $order = $plant->release();
    expect($order?->due_on)->toBe('2026-03-25');
    $this->clock->set('2026-04-20 08:00:00');
    $plant->read($schedule->meter()->firstOrFail(), 1750, '2026-04-20', 'confirmed');
    finished($plant, $order, '2026-04-20T09:00');
    expect(Visit::query()->where('state', VisitState::Missed)->orderBy('number')->pluck('due_total', 'number')->all())
        ->toBe([2 => '1620.000', 3 => '1720.000'])
        ->and($schedule->refresh()->standing->usage_due)
        ->toBe('1820.000')
        ->and($schedule->standing->next_number)
        ->toBe(4);
    $this->as('planner')
        ->get("/schedules/{$schedule->id}")
        ->assertSee("one 230\u{202f}h late, kept to its readings; 2 passed meanwhile and are missed");
});

it(
    'counts on as if done at its reading when the visit is skipped, and stands as before when it is given back',
    function () {
        $plant = Plant::build();
        $schedule = everyHundredHours($plant);
        $this->clock->set('2026-03-24 08:00:00');
        $order = $plant->release();
        app(CancelWorkOrder::class)(Actor::sundial(), $order, 'no access', CancelledVisit::GiveBack);
        expect($schedule->refresh()->standing->usage_due)
            ->toBe('1520.000')
            ->and($schedule->standing->in_hand)
            ->toBeNull();
        $again = $plant->release();
        expect(Visit::query()->count())->toBe(1);
        app(CancelWorkOrder::class)(Actor::sundial(), $again, 'not needed', CancelledVisit::Skip);
        expect($schedule->refresh()->standing->usage_due)
            ->toBe('1620.000')
            ->and($schedule->standing->next_number)
            ->toBe(2);
    },
);

it('takes a completion back when the order is reopened, and counts on again from the corrected finish', function () {
    $plant = Plant::build();
    $schedule = everyHundredHours($plant, ['late_share' => 100, 'early_share' => 100]);
    $this->clock->set('2026-03-25 08:00:00');
    $order = $plant->release();
    finished($plant, $order, '2026-03-25T08:00');
    $due = $schedule->refresh()->standing->usage_due;
    $this->as('technician')
        ->put("/orders/{$order->id}/finish", ['finished_at' => '2026-03-20T09:00', 'it_is_right' => 1])
        ->assertSessionHasNoErrors();
    expect((float) $schedule->refresh()->standing->usage_due)->toBeLessThan((float) $due);
    app(ReopenWorkOrder::class)(Actor::sundial(), $order->refresh(), 'not whole');
    expect($schedule->refresh()->standing->only(['usage_due', 'in_hand']))
        ->toBe(['usage_due' => '1520.000', 'in_hand' => 'W-1001'])
        ->and(DB::table('coming_visits')->where('schedule_id', $schedule->id)->min('planned_on'))
        ->toBe('2026-03-25');
});

it('starts afresh when its rule changes, and does not count an old completion again', function () {
    $plant = Plant::build();
    $schedule = everyHundredHours($plant);
    $this->clock->set('2026-03-25 08:00:00');
    $order = $plant->release();
    finished($plant, $order, '2026-03-25T08:00');
    $meter = $schedule->meter()->firstOrFail();
    $this->as('planner')
        ->put(
            "/schedules/{$schedule->id}",
            $plant->fields([
                'rule' => 'usage',
                'meter_id' => $meter->id,
                'usage_every' => '400',
                'late_share' => 0,
                'anchor_on' => '',
                'version' => $schedule->refresh()->version,
            ]),
        )
        ->assertSessionHasNoErrors();
    $done = (float) Visit::query()->where('state', VisitState::Done)->sole()->done_total;
    expect((float) $schedule->refresh()->standing->usage_due)->toBe($done + 400);
    $this->clock->set('2026-04-02 08:00:00');
    $plant->read($meter, 1600, '2026-04-02');
    expect((float) $schedule->refresh()->standing->usage_due)->toBe($done + 400);
});

it('rolls the rate of a counter on when nobody reads it', function () {
    $plant = Plant::build();
    $schedule = everyHundredHours($plant);
    $meter = $schedule->meter()->firstOrFail();
    expect([$meter->rate_units, $meter->rate_days])->toBe([12000, 1]);
    // In July the readings of spring have left the window; what counts is the expected use, 4 383 h a year.
    $this->clock->set('2026-07-20 04:10:00');
    $plant->release();
    expect($meter->refresh()->rate_from)->toBe('expected use')->and($meter->stands_on)->toBe('2026-07-20');
});
