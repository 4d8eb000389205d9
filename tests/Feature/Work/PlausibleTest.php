<?php

declare(strict_types=1);

use App\People\Actions\SetRestDay;
use App\Platform\Audit\Actor;
use App\Register\Actions\RetireAsset;
use App\Stops\Actions\ReportDown;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Tests\Feature\Plant;

it('asks about a finish in a wrong month before it is taken, and takes each way out', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $finish = fn (array $with) => $this->as('technician')
        ->from("/orders/{$order->id}")
        ->post(
            "/orders/{$order->id}/finish",
            $with + ['finished_at' => '2026-01-18T07:00', 'finding' => 'worn seal'],
        );
    $finish([])->assertSessionHasErrors('finished_at');
    $this->get("/orders/{$order->id}")
        ->assertSee('the order was made on')
        ->assertSee('It is right: finished at that time')
        ->assertSee('worn seal');
    expect($order->refresh()->state->value)->toBe('under way');
    $finish(['it_is_right' => 1])->assertSessionHasNoErrors();
    expect($order->refresh()->state->value)->toBe('done');
});

it('refuses days that nobody meant, naming the field', function (string $to, array $form, string $field) {
    $plant = Plant::build();
    $order = $plant->started();
    $form += ['version' => $order->version];
    $person = ['user_id' => $plant->person('planner')->id, 'time' => '1'];
    $to = str_replace(['{order}', '{asset}'], [(string) $order->id, (string) $plant->pump->id], $to);
    $method = str_contains($to, 'assignment') || str_contains($to, 'planned-day') ? 'put' : 'post';
    $this->as('planner')
        ->from('/orders')
        ->{$method}($to, $form + $person)
        ->assertSessionHasErrors($field);
})->with([
    ['/orders/{order}/planned-day', ['planned_on' => '2099-03-20'], 'planned_on'],
    ['/orders/{order}/assignment', ['planned_on' => '1999-03-20'], 'planned_on'],
    ['/orders/{order}/bookings', ['worked_on' => '1999-03-20'], 'worked_on'],
    ['/assets/{asset}/down', ['stop_reason' => 'belt', 'from_at' => '1990-03-20T07:00'], 'from_at'],
]);

it('moves what stands on a new day of rest, says what, and moves it back', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-03-26', 'non_working' => 'forward', 'every' => 30]);
    expect($schedule->standing->next_due_on)->toBe('2026-03-26');
    $rest = fn (array $with) => $this->as('administrator')->post(
        "/setup/sites/{$plant->site->id}/rest-days",
        $with + ['day' => '2026-03-26', 'day_name' => 'Stocktaking'],
    );
    $rest([]);
    expect(session('said'))
        ->toContain('Moved: Seal check from 26 Mar to 27 Mar')
        ->and($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-03-27')
        ->and(DB::table('coming_visits')->where('schedule_id', $schedule->id)->min('planned_on'))
        ->toBe('2026-03-27');
    $rest(['remove' => 1]);
    expect($schedule->refresh()->standing->next_due_on)->toBe('2026-03-26');
});

it('moves what stands on a new weekly day of rest, and leaves what keeps its day', function () {
    $plant = Plant::build();
    $every = ['anchor_on' => '2026-03-26', 'every' => 28];
    $moves = $plant->schedule($every + ['name' => 'Moves', 'non_working' => 'forward']);
    $keeps = $plant->schedule($every + ['name' => 'Keeps', 'non_working' => 'keep']);
    $site = $plant->site->refresh();
    $save = fn (array $rest, int $version) => $this->as('administrator')->put(
        "/setup/sites/{$site->id}",
        ['rest' => $rest, 'version' => $version] +
            $site->only(['name', 'code', 'timezone', 'currency', 'release_hour']),
    );
    // 26 March is a Thursday.
    $save([4, 6, 7], $site->version)->assertSessionHasNoErrors();
    expect(session('said'))
        ->toContain('move to the new working week')
        ->and($moves->refresh()->standing->next_due_on)
        ->toBe('2026-03-27')
        ->and($keeps->refresh()->standing->next_due_on)
        ->toBe('2026-03-26')
        ->and(DB::table('coming_visits')->where('schedule_id', $moves->id)->min('planned_on'))
        ->toBe('2026-03-27');
    $this->get('/log')->assertSee('moved 1 visit to the new working week');
    $save([6, 7], $site->version + 1)->assertSessionHasNoErrors();
    expect($moves->refresh()->standing->next_due_on)->toBe('2026-03-26');
});

it('leaves an order that is made on its day when that becomes a day of rest', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-03-19', 'non_working' => 'forward']);
    $plant->release();
    $followed = app(SetRestDay::class)(Actor::sundial(), $plant->site, LocalDate::parse('2026-03-19'), 'Rest');
    expect($followed)->toBe([])->and($schedule->refresh()->standing->next_due_on)->toBe('2026-03-19');
});

it('promises no order where none will be made', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-05-01']);
    $page = fn () => $this->as('planner')->get("/schedules/{$schedule->id}");
    $page()->assertSee('Its order is made on');
    DB::table('method_revisions')->update(['state' => 'draft']);
    $page()->assertDontSee('Its order is made on')->assertSee('its method is a draft and not in force yet');
    app(RetireAsset::class)($plant->person('planner')->actor(), $plant->motor, 'scrapped', false);
    $this->as('planner')
        ->get("/assets/{$plant->motor->id}")
        ->assertDontSee('Add a schedule')
        ->assertDontSee('Say that it is down');
});

it('corrects a stop and strikes one out, each with its trace', function () {
    $plant = Plant::build();
    $stop = app(ReportDown::class)(
        $plant->person('operator')->actor(),
        $plant->pump,
        new DateTimeImmutable('2026-03-18 07:00 UTC'),
        StopSaid::because('belt'),
    );
    $this->as('technician')
        ->post("/stops/{$stop->id}/strike", ['strike_reason' => 'no', 'version' => 1])
        ->assertForbidden();
    $form = [
        'from_at' => '2026-03-18T06:30',
        'to_at' => '2026-03-18T07:30',
        'stop_reason' => 'belt torn',
        'version' => 1,
    ];
    $this->as('planner')
        ->put("/stops/{$stop->id}", $form)
        ->assertSessionHasNoErrors();
    expect($stop->refresh()->only(['from_at', 'to_at', 'reason']))
        ->toBe([
            'from_at' => '2026-03-18 06:30:00.000000',
            'to_at' => '2026-03-18 07:30:00.000000',
            'reason' => 'belt torn',
        ])
        ->and(DB::table('asset_summaries')->where('asset_id', $plant->pump->id)->value('down_since'))
        ->toBeNull();
    $this->as('planner')
        ->put("/stops/{$stop->id}", $form)
        ->assertSessionHasErrors('stale');
    $this->as('planner')
        ->post("/stops/{$stop->id}/strike", ['strike_reason' => 'wrong machine', 'version' => 2])
        ->assertSessionHasNoErrors();
    $this->as('planner')
        ->get("/assets/{$plant->pump->id}")
        ->assertSee('No stop is recorded')
        ->assertSee('wrong machine');
    expect(Stop::standing()->count())->toBe(0);
});
