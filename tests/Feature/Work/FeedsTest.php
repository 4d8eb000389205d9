<?php

declare(strict_types=1);

use App\Work\Actions\Moves\AssignWorkOrder;
use App\Work\Inputs\Assignment;
use App\Work\Models\CalendarFeed;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Reader;
use Sundial\Calendar\LocalDate;
use Tests\Feature\Plant;

/** Makes an address as a person does, and gives its path. */
function feedOf(string $role, array $with): string
{
    test()->as($role)->post('/me/calendars', $with)->assertRedirect('/me/calendars');

    return (string) parse_url((string) session('feed'), PHP_URL_PATH);
}

/** What a calendar elsewhere reads, with no session: day and summary by UID. */
function readFeed(string $path): array
{
    test()->flushSession();
    app('auth')->forgetGuards();
    app()->forgetScopedInstances();
    $calendar = Reader::read(
        (string) test()
            ->get($path)
            ->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
            ->content(),
    );
    expect($calendar->validate())->toBe([]);
    $events = [];
    foreach ($calendar->VEVENT ?? [] as $event) {
        expect($event->DTSTART['VALUE']->getValue())->toBe('DATE');
        $events[(string) $event->UID] = "{$event->DTSTART} {$event->SUMMARY}";
    }

    return $events;
}

it('gives the visits and orders of a site, each under one name while it moves and is released', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-03-30', 'every' => 30, 'name' => 'Seal check']);
    $path = feedOf('planner', ['what' => 'site']);
    $uid = "visit-{$schedule->id}-1@sundial";
    $before = readFeed($path);
    expect($before[$uid])
        ->toBe('20260330 PMP-01 Seal check')
        ->and($before["visit-{$schedule->id}-2@sundial"])
        ->toBe('20260429 PMP-01 Seal check');
    $this->as('planner')->post("/schedules/{$schedule->id}/release");
    $order = $plant->release() ?? App\Work\Models\WorkOrder::query()->sole();
    $order->update(['planned_on' => '2026-04-02']);
    $after = readFeed($path);
    expect($after[$uid])->toBe('20260402 PMP-01 Seal check')->and(array_keys($after))->toBe(array_keys($before));
    expect(DB::table('calendar_feeds')->whereNotNull('used_at')->count())
        ->toBe(1)
        ->and(DB::table('calendar_feeds')->value('secret_hash'))
        ->not->toContain(basename($path, '.ics'));
});

it('gives a person their own work and a team its own, and nothing else', function () {
    $plant = Plant::build();
    $plant->schedule(['name' => 'Team job']);
    $order = $plant->release();
    $other = $plant->schedule(['name' => 'Nobody’s job', 'team_id' => null], $plant->motor);
    $plant->release();
    $plant->schedule(['name' => 'Mine']);
    $mine = $plant->release();
    app(AssignWorkOrder::class)(
        $plant->person('planner')->actor(),
        $mine,
        new Assignment(null, $plant->person('planner')->id, LocalDate::parse('2026-03-20')),
        $mine->version,
    );
    expect(implode(',', readFeed(feedOf('planner', ['what' => 'mine']))))
        ->toContain('Mine')
        ->not->toContain('Team job');
    expect(implode(',', readFeed(feedOf('technician', ['what' => 'mine']))))
        ->toContain('Team job')
        ->not->toContain('Mine');
    expect(implode(',', readFeed(feedOf('planner', ['what' => 'team', 'team_id' => (string) $plant->teamId]))))
        ->toContain('Team job')
        ->not->toContain('Nobody');
    $this->as('planner')
        ->from('/me/calendars')
        ->post('/me/calendars', ['what' => 'team'])
        ->assertSessionHasErrors('team_id');
});

it('gives nothing once it is revoked, or its owner may no longer see the site', function () {
    $plant = Plant::build();
    [$one, $two] = [feedOf('planner', ['what' => 'site']), feedOf('engineer', ['what' => 'site'])];
    $this->as('engineer')->delete(
        '/me/calendars/'.CalendarFeed::query()->where('user_id', $plant->person('planner')->id)->value('id'),
    );
    expect(readFeed($one))->toBe([]);
    $this->as('planner')->get('/me/calendars')->assertSee('Visits and work of Test works')->assertDontSee($one);
    $this->delete(
        '/me/calendars/'.CalendarFeed::query()->where('user_id', $plant->person('planner')->id)->value('id'),
    )->assertSessionHas('said');
    $this->get($one)->assertNotFound();
    DB::table('user_sites')->where('user_id', $plant->person('engineer')->id)->delete();
    app()->forgetScopedInstances();
    $this->get($two)->assertNotFound();
    $this->get('/calendar/'.str_repeat('a', 40).'.ics')->assertNotFound();
});
