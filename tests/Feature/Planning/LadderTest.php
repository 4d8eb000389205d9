<?php

declare(strict_types=1);

use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\VisitState;
use Tests\Feature\Plant;

/** What the form of a method sends: a service of three levels. */
function ladderForm(Plant $plant, array $with = []): array
{
    $trade = (string) DB::table('trades')->value('id');

    return $with + [
        'code' => 'M-9',
        'name' => 'Pump service',
        'order_type' => 'preventive',
        'priority' => 'routine',
        'ladder' => 'small 1, medium 2, large 4',
        'once' => 'a',
        'steps' => [
            ['text' => 'Look', 'minutes' => '10', 'level' => '1'],
            ['text' => 'Change the oil', 'minutes' => '20', 'level' => '2'],
            ['text' => 'Open it', 'minutes' => '60', 'level' => '4'],
            ['text' => 'Run it', 'minutes' => '5', 'level' => '1'],
            ['text' => '', 'detail' => '', 'safety' => '', 'minutes' => '', 'level' => '1'],
        ],
        'labour' => [
            ['trade_id' => $trade, 'people' => '1', 'minutes' => '15', 'level' => '1'],
            ['trade_id' => $trade, 'people' => '2', 'minutes' => '60', 'level' => '4'],
            ['trade_id' => '', 'people' => '1', 'minutes' => '', 'level' => '1'],
        ],
    ];
}

/** Finishes the open order of a schedule on a day, or skips its next visit. */
function goThrough(Plant $plant, Schedule $schedule, string $how): string
{
    $due = (string) $schedule->refresh()->standing->next_due_on;
    app(Clock::class)->set("{$due} 08:00:00");
    app()->forgetScopedInstances();
    $order = $plant->release();
    $title = $order->title;
    if ($how === 'skip') {
        test()
            ->as('planner')
            ->post("/orders/{$order->id}/cancel", ['reason' => 'no time', 'visits' => 'skip'])
            ->assertSessionHasNoErrors();
    } else {
        $by = Actor::sundial();
        app(FinishWorkOrder::class)(
            $by,
            app(StartWorkOrder::class)($by, $order),
            new DateTimeImmutable("{$due} 08:00:00"),
        );
    }

    return $title;
}

it('makes each order with the steps and hours of its level, and catches up what was left out', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/methods', ladderForm($plant))->assertSessionHasNoErrors();
    $method = Method::query()->where('code', 'M-9')->sole();
    $this->get("/methods/{$method->id}")
        ->assertSee('small 1, medium 2, large 4')
        ->assertSeeInOrder(['Change the oil', 'from medium', 'Open it', 'from large']);
    $schedule = $plant->schedule([
        'name' => 'Pump service',
        'method_id' => $method->id,
        'every' => 30,
        'late_share' => 0,
    ]);
    $this->get("/schedules/{$schedule->id}")->assertSeeInOrder([
        'Visit 1, small',
        'medium',
        'small',
        'large',
        'small-medium-small-large',
    ]);
    // The outlook: a quarter of an hour, and 2.25 h where it is large; and the horizon says the level.
    $lines = explode("\r\n", $this->get('/outlook.csv?reach=6+months')->streamedContent());
    expect($lines[1])
        ->toContain('"Pump service, small",0.25')
        ->and($lines[4])
        ->toContain('"Pump service, large",2.25');
    $this->withSession(['horizon.folded' => false, 'horizon.span' => 'year'])
        ->get("/schedules/{$schedule->id}")
        ->assertSee('Pump service, large');
    expect(
        DB::table('coming_visits')
            ->where('schedule_id', $schedule->id)
            ->orderBy('planned_on')
            ->limit(5)
            ->pluck('level')
            ->all(),
    )->toBe([1, 2, 1, 4, 1]);
    $titles = [];
    foreach (['do', 'do', 'do', 'skip', 'do', 'do'] as $how) {
        $titles[] = goThrough($plant, $schedule, $how);
    }
    expect($titles)
        ->toBe([
            'Pump service, small',
            'Pump service, medium',
            'Pump service, small',
            'Pump service, large',
            'Pump service, large',
            'Pump service, medium',
        ])
        ->and(
            Visit::query()
                ->where('schedule_id', $schedule->id)
                ->where('state', VisitState::Done)
                ->orderBy('number')
                ->pluck('level', 'number')
                ->all(),
        )
        ->toBe([1 => 1, 2 => 2, 3 => 1, 5 => 4, 6 => 2]);
    [$small, $medium, , , $large] = WorkOrder::query()->with('steps')->orderBy('number')->get()->all();
    $steps = static fn (WorkOrder $order): array => $order->steps->pluck('text', 'position')->all();
    expect($steps($small))
        ->toBe([1 => 'Look', 2 => 'Run it'])
        ->and($steps($medium))
        ->toBe([1 => 'Look', 2 => 'Change the oil', 3 => 'Run it'])
        ->and($steps($large))
        ->toHaveCount(4)
        ->and([$small->planned_minutes, $large->planned_minutes])
        ->toBe([15, 135])
        ->and($large->labour()->orderBy('people')->pluck('minutes', 'people')->all())
        ->toBe([1 => 15, 2 => 60]);
});

it('begins in the middle where the start says so', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/methods', ladderForm($plant));
    $form = $plant->fields([
        'method_id' => (string) Method::query()->where('code', 'M-9')->value('id'),
        'ladder_start' => '3',
        'once' => 'b',
    ]);
    $this->post("/assets/{$plant->pump->id}/schedules/preview", $form, ['HX-Request' => '1'])->assertSeeInOrder([
        'Levels: small-medium-small-large',
        'small',
        'large',
        'small',
        'medium',
    ]);
    $this->post("/assets/{$plant->pump->id}/schedules", $form)->assertSessionHasNoErrors();
    $schedule = Schedule::query()->sole();
    expect($schedule->standing->next_number)->toBe(3);
    $this->get("/schedules/{$schedule->id}")->assertSeeInOrder(['Visit 3, small', 'large']);
});

it('keeps the count when the ladder changes under way, and shows the new levels ahead', function () {
    $plant = Plant::build();
    $this->as('planner')->post('/methods', ladderForm($plant));
    $method = Method::query()->where('code', 'M-9')->sole();
    $schedule = $plant->schedule(['method_id' => $method->id, 'every' => 30, 'late_share' => 0]);
    goThrough($plant, $schedule, 'do');
    goThrough($plant, $schedule, 'do');
    $form = ladderForm($plant, ['version' => (string) $method->version, 'ladder' => 'small 1, large 3']);
    $this->as('planner')
        ->from("/methods/{$method->id}/edit")
        ->put("/methods/{$method->id}", $form)
        ->assertSessionHasErrors('steps.1.level');
    $this->get("/methods/{$method->id}/edit")
        ->assertSee('small 1, large 3')
        ->assertSee('Step 2 is for a level that the ladder does not have');
    $form['steps'][1]['level'] = $form['steps'][2]['level'] = $form['labour'][1]['level'] = '3';
    $this->put("/methods/{$method->id}", $form)->assertSessionHasNoErrors();
    expect(
        DB::table('coming_visits')
            ->where('schedule_id', $schedule->id)
            ->orderBy('planned_on')
            ->limit(4)
            ->pluck('level')
            ->all(),
    )->toBe([3, 1, 1, 3]);
});

it('refuses a ladder that is none, and a trade twice on one level', function (array $with, string $field) {
    $plant = Plant::build();
    $trade = (string) DB::table('trades')->value('id');
    $with = isset($with['labour'])
        ? [
            'labour' => [
                ['trade_id' => $trade, 'people' => '1', 'minutes' => '5'],
                ['trade_id' => $trade, 'people' => '1', 'minutes' => '9'],
            ],
        ]
        : $with;
    $this->as('planner')
        ->from('/methods/new')
        ->post('/methods', ladderForm($plant, $with))
        ->assertSessionHasErrors($field);
    expect(Method::query()->where('code', 'M-9')->exists())->toBeFalse();
})->with([
    [['ladder' => 'small 1, large 3, huge 5'], 'ladder'],
    [['ladder' => ''], 'steps.1.level'],
    [['labour' => 'twice'], 'labour'],
]);
