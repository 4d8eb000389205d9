<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\BeginDay;
use App\Platform\Sites\Site;
use App\Register\Actions\SaveAsset;
use App\Register\Inputs\AssetFacts;
use App\Stops\Projections\StopDays;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Visit\VisitState;
use Sundial\Register\LifeState;
use Tests\Feature\Plant;

/** What the form of a schedule's sheet sends. */
function change(Schedule $schedule, array $with): array
{
    return $with + ['version' => (string) $schedule->refresh()->version];
}

/** Lets the site's day begin, as its first page or the scheduler does. */
function beginDay(string $day): void
{
    app(Clock::class)->set("{$day} 06:00:00");
    app()->forgetScopedInstances();
    app(BeginDay::class)(Site::query()->where('code', 'T')->sole());
}

it('rests while it is paused, and goes on by itself after the last day with what passed suspended', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['every' => 7, 'late_share' => 0, 'anchor_on' => '2026-03-20']);
    $this->as('planner')
        ->post(
            "/schedules/{$schedule->id}/pause",
            change($schedule, ['from' => '2026-03-19', 'until' => '2026-04-05', 'pause_reason' => 'shut down']),
        )
        ->assertSessionHasNoErrors()
        ->assertSessionHas('said', 'It makes no orders from 19 Mar on; it goes on by itself on 6 Apr.');
    $this->get("/schedules/{$schedule->id}")
        ->assertSee('It will be paused from')
        ->assertSee('shut down');
    // Today the lead has come, and the pause has not.
    expect($schedule->refresh()->held_from)->toBeNull();
    beginDay('2026-03-19');
    expect($schedule->refresh()->held_from)
        ->toBe('2026-03-19')
        ->and($plant->release())
        ->toBeNull()
        ->and($schedule->nearness)
        ->toBeNull();
    $this->as('planner')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('Paused until 5 Apr')
        ->assertSee('goes on by itself on 6 Apr');
    $this->get('/schedules?near=held')->assertSee('paused until');
    beginDay('2026-04-08');
    expect($schedule->refresh()->held_from)
        ->toBeNull()
        ->and($schedule->paused_from)
        ->toBeNull()
        ->and($schedule->standing->next_due_on)
        ->toBe('2026-04-10')
        ->and($schedule->standing->next_number)
        ->toBe(4)
        ->and(Visit::query()->where('state', VisitState::Suspended)->orderBy('number')->pluck('planned_on')->all())
        ->toBe(['2026-03-20', '2026-03-27', '2026-04-03']);
    expect($plant->release())->not->toBeNull();
});

it('is lifted by hand, once, and not while its asset is out of use', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['late_share' => 0]);
    $this->as('planner')->post(
        "/schedules/{$schedule->id}/pause",
        change($schedule, ['from' => '2026-03-18', 'pause_reason' => 'no yarn']),
    );
    expect($schedule->refresh()->held_from)->toBe('2026-03-18');
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump->refresh(),
        $plant->site->id,
        AssetFacts::part(['life_state' => LifeState::OutOfService]),
    );
    // Back in use, the pause still holds it; lifted out of use, the asset does.
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump->refresh(),
        $plant->site->id,
        AssetFacts::part(['life_state' => LifeState::InService]),
    );
    expect($schedule->refresh()->held_from)->not->toBeNull();
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump->refresh(),
        $plant->site->id,
        AssetFacts::part(['life_state' => LifeState::Standby]),
    );
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump->refresh(),
        $plant->site->id,
        AssetFacts::part(['life_state' => LifeState::OutOfService]),
    );
    $this->as('planner')
        ->post("/schedules/{$schedule->id}/go-on", change($schedule, []))
        ->assertSessionHas('said', 'The schedule goes on. Its asset is not in use, so it is held up all the same.');
    $this->get("/schedules/{$schedule->id}")->assertSee('is not in use since');
    app(SaveAsset::class)(
        Actor::sundial(),
        $plant->pump->refresh(),
        $plant->site->id,
        AssetFacts::part(['life_state' => LifeState::InService]),
    );
    expect($schedule->refresh()->held_from)->toBeNull()->and($schedule->standing->next_due_on)->toBe('2026-03-20');
    $this->as('planner')->post("/schedules/{$schedule->id}/go-on", change($schedule, []));
    expect(DB::table('audit_entries')->where('did', 'like', 'let schedule%')->count())->toBe(1);
});

it('keeps the form of a pause that makes no sense', function () {
    $schedule = Plant::build()->schedule();
    $this->as('planner')
        ->from("/schedules/{$schedule->id}")
        ->post(
            "/schedules/{$schedule->id}/pause",
            change($schedule, ['from' => '2026-03-25', 'until' => '2026-03-20', 'pause_reason' => 'typed before']),
        )
        ->assertSessionHasErrors('until');
    $this->get("/schedules/{$schedule->id}")
        ->assertSee('lies before its first')
        ->assertSee('value="typed before"', false);
    $this->post(
        "/schedules/{$schedule->id}/pause",
        change($schedule, ['from' => '2026-03-25']),
    )->assertSessionHasErrors('pause_reason');
});

it('skips one visit with a reason, and takes that back', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['every' => 30, 'late_share' => 0]);
    $stands = fn (): array => Arr::except($schedule->refresh()->getAttributes(), ['updated_at', 'version']);
    $before = $stands();
    $this->as('planner')
        ->post("/schedules/{$schedule->id}/skip", change($schedule, ['skip_reason' => 'opened last week anyway']))
        ->assertSessionHas('said', 'The visit is skipped. Next visit 19 Apr. Its order is made on 14 Apr, by itself.');
    expect($schedule->refresh()->standing->next_number)->toBe(2)->and($schedule->last_done_on)->toBeNull();
    $this->get("/schedules/{$schedule->id}")->assertSeeInOrder([
        'Visits so far',
        'skipped',
        'opened last week anyway',
    ]);
    $this->delete("/schedules/{$schedule->id}/skip")->assertSessionHasNoErrors();
    expect($stands())
        ->toBe($before)
        ->and($plant->release()->visits()->sole()->visit->number)
        ->toBe(1);
    // In hand, it is skipped by cancelling its order; and a skip that something followed stays.
    $this->as('planner')
        ->from("/schedules/{$schedule->id}")
        ->post("/schedules/{$schedule->id}/skip", change($schedule, ['skip_reason' => 'x']))
        ->assertSessionHasErrors('skip_reason');
    $this->delete("/schedules/{$schedule->id}/skip")->assertSessionHasErrors('form');
});

it('counts afresh from a day and a reading', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $schedule = $plant->schedule([
        'meter_id' => $meter->id,
        'usage_every' => '500',
        'every' => 90,
        'late_share' => 0,
    ]);
    $this->as('planner')
        ->post(
            "/schedules/{$schedule->id}/count-from",
            change($schedule, [
                'on' => '2026-05-04',
                'reading' => '1400',
                'count_reason' => 'overhauled by the maker',
            ]),
        )
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->calendar_on)
        ->toBe('2026-05-04')
        ->and($schedule->standing->usage_due)
        ->toBe('1900.000')
        ->and($schedule->anchor_on)
        ->toBe('2026-05-04');
    $this->post(
        "/schedules/{$schedule->id}/count-from",
        change($schedule, ['on' => '2026-05-11', 'count_reason' => 'again']),
    );
    expect($schedule->refresh()->standing->usage_due)->toBe('1920.000');
    $this->from("/schedules/{$schedule->id}")
        ->post(
            "/schedules/{$schedule->id}/count-from",
            change($schedule, ['on' => '2026-03-01', 'count_reason' => 'x']),
        )
        ->assertSessionHasErrors('on');
    expect(DB::table('audit_entries')->where('note', 'overhauled by the maker')->value('changes'))->toContain(
        '2026-04-26',
    );
});

it('keeps two people from changing it over each other', function (string $what, array $with) {
    $schedule = Plant::build()->schedule();
    $this->as('planner')
        ->from("/schedules/{$schedule->id}")
        ->post("/schedules/{$schedule->id}/{$what}", ['version' => '7'] + $with)
        ->assertSessionHasErrors('stale');
    expect($schedule->refresh()->standing->next_number)->toBe(1)->and($schedule->held_from)->toBeNull();
})->with([
    ['pause', ['from' => '2026-03-18', 'pause_reason' => 'x']],
    ['skip', ['skip_reason' => 'x']],
    ['count-from', ['on' => '2026-05-01', 'count_reason' => 'x']],
]);

it('releases one visit before its lead, once, and takes that back while nothing was begun', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-06-01']);
    $this->as('supervisor')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('Release visit 1 now');
    $made = $this->post("/schedules/{$schedule->id}/release")->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    $made->assertRedirect("/orders/{$order->id}");
    expect($order->due_on)
        ->toBe('2026-06-01')
        ->and($order->steps()->count())
        ->toBe(2)
        ->and($schedule->refresh()->standing->in_hand)
        ->toBe($order->label());
    $this->from("/schedules/{$schedule->id}")
        ->post("/schedules/{$schedule->id}/release")
        ->assertSessionHasErrors('form');
    $this->delete("/release/{$order->batch_id}")->assertSessionHasNoErrors();
    expect($order->refresh()->state->value)
        ->toBe('cancelled')
        ->and($schedule->refresh()->standing->in_hand)
        ->toBeNull()
        ->and($schedule->standing->next_number)
        ->toBe(1);
    $this->get("/release/{$order->batch_id}")
        ->assertSee('taken back by Supervisor One')
        ->assertDontSee('Take the release back');
});

it('takes back all that a release made, and the next makes it anew', function () {
    $plant = Plant::build();
    foreach (['A', 'B'] as $name) {
        $plant->schedule(['name' => $name]);
    }
    $plant->release();
    $batch = ReleaseBatch::query()->sole();
    $first = WorkOrder::query()->orderBy('id')->firstOrFail();
    $this->as('planner')->delete("/release/{$batch->id}");
    $this->delete("/release/{$batch->id}")->assertSessionHasNoErrors();
    expect(WorkOrder::query()->where('state', 'cancelled')->count())
        ->toBe(2)
        ->and(Visit::query()->where('state', VisitState::GivenBack)->count())
        ->toBe(2);
    $plant->release();
    expect(WorkOrder::query()->where('state', 'approved')->count())
        ->toBe(2)
        ->and(Visit::query()->count())
        ->toBe(2);
    // Of the second release one order was begun: it stays whole.
    $begun = WorkOrder::query()->where('state', 'approved')->orderBy('id')->firstOrFail();
    $this->as('technician')->post("/orders/{$begun->id}/start");
    $this->as('planner')
        ->from("/release/{$begun->batch_id}")
        ->delete("/release/{$begun->batch_id}")
        ->assertSessionHasErrors([
            'form' => "The release cannot be taken back, because work on {$begun->label()} has begun. Cancel ".
                'single orders instead.',
        ]);
    expect(WorkOrder::query()->where('state', 'cancelled')->count())->toBe(2);
});

it('shows how it was kept, and what that says about the interval', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['every' => 30, 'late_share' => 0]);
    $visit = static fn (
        int $number,
        string $planned,
        ?string $done,
        VisitState $state = VisitState::Done,
    ) => Visit::query()->create([
        'schedule_id' => $schedule->id,
        'number' => $number,
        'point_on' => $planned,
        'planned_on' => $planned,
        'state' => $state,
        'done_on' => $done,
    ]);
    $this->as('engineer')
        ->get("/schedules/{$schedule->id}")
        ->assertSee('No visit has come to its end');
    foreach (
        [
            ['2025-09-01', '2025-09-01'],
            ['2025-10-01', '2025-10-04'],
            ['2025-11-01', '2025-11-10'],
            ['2025-12-01', '2025-12-02'],
            ['2024-12-01', '2024-12-01'],
        ] as $i => [$planned, $done]
    ) {
        $visit($i + 1, $planned, $done);
    }
    $visit(6, '2026-01-01', null, VisitState::Skipped);
    $visit(7, '2026-02-01', null, VisitState::Suspended);
    $this->get("/schedules/{$schedule->id}")->assertSeeInOrder([
        'How it is kept',
        '3 of',
        '5 visits',
        '60 %',
        '1, 0, 1',
        '3.3 d late',
        'none',
        'Nothing in that time speaks against',
    ]);
    // Two days with something unplanned, on what stands inside the asset too.
    DB::table('stops')->insert(
        array_map(
            static fn (string $at): array => [
                'site_id' => $plant->site->id,
                'asset_id' => $plant->motor->id,
                'from_at' => $at,
                'to_at' => "{$at}:30:00",
                'reason' => 'bearing',
                'planned' => false,
                'opened_who' => 'x',
            ],
            ['2025-10-20 10', '2025-10-20 14', '2025-12-24 08'],
        ),
    );
    app(StopDays::class)->keep($plant->motor->id, '2025-10-20 00:00:00', null);
    $this->get("/schedules/{$schedule->id}")->assertSee('the interval looks too long');
});

it('changes a schedule from a day on, and keeps its old rule until then', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['late_share' => 0]);
    $form =
        [
            'version' => $schedule->version,
            'every' => '10',
            'weekdays' => [],
            'from_on' => '2026-04-01',
            'anchor_on' => '2026-04-05',
            'last_done_on' => '',
        ] + $plant->fields(['late_share' => 0]);
    $this->as('planner')
        ->put("/schedules/{$schedule->id}", ['from_on' => '2026-03-18'] + $form)
        ->assertSessionHasErrors('from_on');
    $this->put("/schedules/{$schedule->id}", $form)->assertSessionHasNoErrors();
    expect($schedule->refresh()->every)->toBe(30)->and($schedule->standing->next_due_on)->toBe('2026-03-20');
    $this->get("/schedules/{$schedule->id}")->assertSeeInOrder([
        'Every 30 days',
        'From 1 Apr on: Every 10 days',
        'Planner One',
    ]);
    $begin = function (string $day): void {
        app(App\Platform\Clock\Clock::class)->set("{$day} 06:00:00");
        app()->forgetScopedInstances();
        test()->as('planner')->get('/today');
    };
    app(App\Platform\Clock\Clock::class)->set('2026-03-20 08:00:00');
    app()->forgetScopedInstances();
    $order = app(App\Work\Actions\Moves\StartWorkOrder::class)(App\Platform\Audit\Actor::sundial(), $plant->release());
    app(App\Work\Actions\Moves\FinishWorkOrder::class)(
        App\Platform\Audit\Actor::sundial(),
        $order,
        new DateTimeImmutable('2026-03-20 08:00:00'),
    );
    $begin('2026-03-31');
    expect($schedule->refresh()->every)->toBe(30);
    $begin('2026-04-01');
    expect($schedule->refresh()->every)
        ->toBe(10)
        ->and($schedule->standing->next_due_on)
        ->toBe('2026-04-05')
        ->and($schedule->last_done_on)
        ->toBe('2026-03-20')
        ->and(Illuminate\Support\Facades\DB::table('schedule_changes')->count())
        ->toBe(0);
    $this->put(
        "/schedules/{$schedule->id}",
        ['version' => $schedule->version, 'from_on' => '2026-05-01'] + $form,
    )->assertSessionHasNoErrors();
    $this->delete("/schedules/{$schedule->id}/change")->assertSessionHasNoErrors();
    expect(Illuminate\Support\Facades\DB::table('schedule_changes')->count())->toBe(0);
});

it('puts one schedule on many assets at once, one after the other, or on none', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $second = $plant->asset('PMP-02', 'Feed pump 2', 'HALL');
    $third = $plant->asset('PMP-03', 'Feed pump 3', 'HALL');
    $form =
        [
            'once' => 'm',
            'weekdays' => [],
            'also' => [$second->id, $third->id],
            'stagger' => '4',
            'last_done_on' => '',
        ] + $plant->fields(['late_share' => 0]);
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}/schedules/new")
        ->assertSee('Also on others of its class')
        ->assertSee('PMP-03');
    $this->post(
        "/assets/{$plant->pump->id}/schedules",
        ['once' => 'n', 'meter_id' => $meter->id, 'usage_every' => '500'] + $form,
    )->assertSessionHasErrors(['also' => 'PMP-02 has no meter “Running hours”. Put one on it, or leave it out.']);
    expect(App\Planning\Models\Schedule::query()->count())->toBe(0);
    $this->post("/assets/{$plant->pump->id}/schedules", $form)->assertSessionHasNoErrors();
    expect(
        App\Planning\Models\Schedule::query()
            ->orderBy('id')
            ->get()
            ->map(fn ($schedule): string => "{$schedule->asset_id} {$schedule->standing->next_due_on}")
            ->all(),
    )->toBe(["{$plant->pump->id} 2026-03-20", "{$second->id} 2026-03-24", "{$third->id} 2026-03-28"]);
});
