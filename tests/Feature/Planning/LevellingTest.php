<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** Every 30 days from 10 April, on time within three days. */
function movable(Plant $plant): Schedule
{
    return $plant->schedule(['late_share' => 0, 'anchor_on' => '2026-04-10']);
}

it('moves one visit within its tolerance, leaves those after it, and can be taken back', function () {
    $plant = Plant::build();
    $schedule = movable($plant);
    $this->as('planner')
        ->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-13'])
        ->assertSessionHasNoErrors();
    expect(session('said'))->toContain('planned for Mon 13 Apr')->toContain('week of');
    expect(
        DB::table('coming_visits')
            ->where('schedule_id', $schedule->id)
            ->orderBy('planned_on')
            ->limit(2)
            ->pluck('planned_on')
            ->all(),
    )
        ->toBe(['2026-04-13', '2026-05-10'])
        ->and($schedule->refresh()->standing->release_on)
        ->toBe('2026-04-08');
    $this->get("/schedules/{$schedule->id}")->assertSee('moved by hand from 10 Apr');
    // The tolerance is that of the rule's day, however often it is moved.
    $this->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-14'])->assertSessionHasErrors('moved_to');
    expect(session('errors')->first('moved_to'))
        ->toContain('By its rule it falls on 10 Apr 2026')
        ->toContain('count the schedule from there');
    $this->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-10'])->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->only(['next_due_on', 'moved_from']))->toBe([
        'next_due_on' => '2026-04-10',
        'moved_from' => null,
    ]);
    $this->as('technician')
        ->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-11'])
        ->assertForbidden();
});

it('offers no day after the one that the law sets, to hand, window, page or file', function () {
    $plant = Plant::build();
    $schedule = movable($plant);
    $days = fn (): string => (string) $this->get('/outlook?from=2026-03-18&week=2026-04-06')->getContent();
    $this->as('planner');
    expect($days())->toContain('min="2026-04-07"')->toContain('max="2026-04-13"');
    $this->get("/schedules/{$schedule->id}")->assertSee('On time from 7 Apr to 13 Apr.');
    $schedule->update(['statutory' => true]);
    expect($days())->toContain('min="2026-04-07"')->toContain('max="2026-04-10"');
    $this->get("/schedules/{$schedule->id}")->assertSee('On time from 7 Apr to 10 Apr, by law.');
    $this->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-11'])->assertSessionHasErrors('moved_to');
    $this->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-08'])->assertSessionHasNoErrors();
    $lines = explode("\r\n", $this->get('/import/schedules/standing.csv')->streamedContent());
    $row = array_combine(str_getcsv($lines[0], escape: ''), str_getcsv($lines[1], escape: ''));
    expect($row['statutory'])->toBe('yes');
});

it('counts on from the rule after a moved visit was done', function () {
    $plant = Plant::build();
    $schedule = movable($plant);
    $this->as('planner')->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-12']);
    app(Clock::class)->set('2026-04-12 08:00:00');
    app()->forgetScopedInstances();
    $order = $plant->release();
    expect($order->due_on)->toBe('2026-04-12');
    $this->put("/schedules/{$schedule->id}/move", ['moved_to' => '2026-04-11'])->assertSessionHasErrors('moved_to');
    app(FinishWorkOrder::class)(
        Actor::sundial(),
        app(StartWorkOrder::class)(Actor::sundial(), $order),
        new DateTimeImmutable('2026-04-12 08:00:00'),
    );
    expect($schedule->refresh()->standing->next_due_on)
        ->toBe('2026-05-10')
        ->and($schedule->state()->move?->to)
        ->toBeNull()
        ->and(Visit::query()->sole()->planned_on)
        ->toBe('2026-04-12');
});

it('shows visits and orders on the days of a month and a week, of a team where one is chosen', function () {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Soon', 'late_share' => 0]);
    $plant->release();
    $april = movable($plant);
    $april->update(['name' => 'In April']);
    $this->as('planner')
        ->get('/calendar?on=2026-04-15')
        ->assertOk()
        ->assertSeeInOrder(
            [
                'April 2026',
                'data-day="2026-03-30"',
                'data-day="2026-04-10"',
                "data-calendar=\"/schedules/{$april->id}/move\"",
                'In April',
                'data-day="2026-05-03"',
            ],
            false,
        );
    $this->get('/calendar?view=week&on=2026-03-20')
        ->assertSeeInOrder(['Week of', 'data-day="2026-03-20"', 'W-1001 PMP-01'], false)
        ->assertDontSee('In April');
    $this->get('/calendar?view=week&on=2026-03-20&team=99')->assertDontSee('W-1001');
    // Looked at by those who may not plan, nothing can be dragged.
    $this->as('technician')
        ->get('/calendar?on=2026-04-15')
        ->assertSee('In April')
        ->assertDontSee('data-calendar', false);
});

it('measures the outlook against what the people can do, and names the weeks that hold too much', function () {
    $plant = Plant::build();
    for ($i = 0; $i < 6; $i++) {
        movable($plant);
    }
    $this->as('planner')->get('/outlook?reach=6+months')->assertDontSee('more work than a trade has hours');
    // A week that the window cuts is measured whole, as its load is.
    DB::table('users')
        ->where('login', 'technician')
        ->update(['week_minutes' => 300]);
    $this->get('/outlook?from=2026-02-11')->assertSee('4.5 h')->assertDontSee('more work than a trade has hours');
    DB::table('users')
        ->where('login', 'technician')
        ->update(['week_minutes' => 240]);
    $this->get('/outlook?reach=6+months')->assertSee('more work than a trade has hours')->assertSee('fitter, 6 Apr');
    $this->get('/outlook?reach=6+months&team=99')->assertSee('No visit falls into this time');
    $this->get('/outlook?class='.$plant->pump->class_id)->assertSee('Seal check');
    $this->as('administrator')
        ->put('/setup/people/'.$plant->person('technician')->id, [
            'name' => 'Tess',
            'login' => 'technician',
            'roles' => [$plant->site->id => ['technician']],
            'week_hours' => '22,5',
            'active' => 1,
            'version' => 1,
        ])
        ->assertSessionHasNoErrors();
    expect(DB::table('users')->where('login', 'technician')->value('week_minutes'))->toBe(1350);
});

it('tells what another interval or more assets would ask for, and saves nothing', function () {
    $plant = Plant::build();
    movable($plant);
    $before = DB::table('schedules')->get()->toJson();
    $this->as('planner')
        ->get("/outlook/what-if?method={$plant->method->id}&every=60&more=2")
        ->assertOk()
        ->assertSeeInOrder(['visits', '12', '18', '+6', 'work', '9', '13.5'])
        ->assertSee('324.00')
        ->assertSee('486.00');
    expect(DB::table('schedules')->get()->toJson())->toBe($before);
    $this->get("/outlook/what-if?method={$plant->method->id}&every=0")->assertSessionHasErrors('every');
    $this->as('technician')
        ->get("/outlook/what-if?method={$plant->method->id}")
        ->assertOk()
        ->assertDontSee('324.00');
});

it('counts no visit that is past already into a year from today', function () {
    $plant = Plant::build();
    $plant->schedule(['anchor_on' => '2021-01-04', 'every' => 7]);
    $page = (string) $this->as('planner')
        ->get("/outlook/what-if?method={$plant->method->id}&every=7&unit=days")
        ->assertOk()
        ->getContent();
    // 53 Mondays at most lie within a year; five years of them are past.
    preg_match_all('#<td class="r">(\d+)</td>#', $page, $visits);
    expect($visits[1])->not->toBeEmpty()->and((int) max($visits[1]))->toBeLessThanOrEqual(53);
});

it('refuses a schedule that was last done tomorrow', function () {
    $plant = Plant::build();
    $this->as('planner')
        ->post("/assets/{$plant->pump->id}/schedules", $plant->fields(['last_done_on' => '2026-03-19']))
        ->assertSessionHasErrors('last_done_on');
});

it('releases and finishes a visit of a daily rule that began in 2010', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2010-01-04', 'every' => 1, 'unit' => 'days', 'late_share' => 0]);
    $order = $plant->release();
    expect($order)->not->toBeNull();
    $this->as('technician')->post("/orders/{$order->id}/start")->assertSessionHasNoErrors();
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T07:00', 'it_is_right' => 1])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->next_due_on)->toBe('2026-03-19');
});
