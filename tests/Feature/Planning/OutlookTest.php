<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Planning\Projections\ComingVisits;
use App\Planning\Projections\CondensedLoads;
use App\Planning\Queries\OutlookHours;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Reader;
use Sundial\Calendar\LocalDate;
use Tests\Feature\Plant;

it('sums hours by trade and week, for the site, a place and an asset', function () {
    $plant = Plant::build();
    $plant->schedule(['every' => 7, 'late_share' => 0, 'anchor_on' => '2026-03-23']);
    $plant->schedule(['every' => 14, 'late_share' => 0, 'anchor_on' => '2026-03-24'], $plant->motor);
    $page = $this->as('engineer')->get('/outlook?from=2026-03-23')->assertOk();
    // Eight weeks of a weekly and four of a fortnightly visit, 45 minutes each: 12 x 0.75 h.
    $page
        ->assertSee('9.0 h')
        ->assertSee('1.5 h')
        ->assertSeeInOrder(['Mon 23 Mar', 'Tue 24 Mar', 'Mon 30 Mar']);
    $this->as('engineer')
        ->get("/outlook?from=2026-03-23&asset={$plant->motor->id}")
        ->assertSee('3.0 h');
    $this->as('engineer')
        ->get("/outlook?from=2026-03-23&place={$plant->hall->id}&reach=5+years")
        ->assertSee('Hours by trade and quarter')
        ->assertSee('<b>390</b> visits', false);
    $this->as('engineer')
        ->get("/outlook?asset={$plant->foreign->id}")
        ->assertNotFound();
    foreach (['from=nonsense', 'from=2026-02-30', 'from[]=1', 'reach=never', 'after=x', 'asset=0x1'] as $odd) {
        $this->as('engineer')
            ->get("/outlook?{$odd}")
            ->assertOk();
    }
});

it('counts the visits of a site as their changes left them, before and after they are added up', function () {
    $plant = Plant::build();
    $first = $plant->schedule(['every' => 30, 'late_share' => 100, 'early_share' => 100]);
    $plant->schedule(['every' => 7, 'anchor_on' => '2026-03-23', 'ladder_start' => 1], $plant->motor);
    $order = $plant->release();
    $this->as('supervisor')->post("/orders/{$order->id}/start");
    $this->as('supervisor')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00']);
    $this->as('planner')
        ->post("/schedules/{$first->id}/pause", [
            'version' => $first->refresh()->version,
            'from' => '2026-03-19',
            'until' => '2026-04-05',
            'pause_reason' => 'shut down',
        ])
        ->assertSessionHasNoErrors();
    $lines = loadsAsKept();
    expect($lines)
        ->toBe(loadsCounted())
        ->not->toBe([])
        ->and(DB::table('outlook_loads')->count())
        ->toBeGreaterThan(count($lines));
    $site = Subject::of('site', $plant->site->id, $plant->site->id);
    $hall = Subject::of('location', $plant->hall->id, $plant->site->id);
    $hours = fn (Subject $of, string $by): array => (fn (array $found): array => [
        $found['visits'],
        $found['expected'],
        $found['trades'],
    ])(app(OutlookHours::class)($of, LocalDate::parse('2026-03-18'), LocalDate::parse('2027-03-22'), $by));
    $before = array_map(fn (string $by): array => $hours($site, $by), ['week', 'month', 'quarter']);
    // A place that holds all assets of the site is counted visit by visit: the same.
    expect($before)->toBe(array_map(fn (string $by): array => $hours($hall, $by), ['week', 'month', 'quarter']));
    expect(app(CondensedLoads::class)())
        ->toBeGreaterThan(0)
        ->and(app(CondensedLoads::class)())
        ->toBe(0)
        ->and(loadsAsKept())
        ->toBe($lines)
        ->and(DB::table('outlook_loads')->count())
        ->toBe(count($lines))
        ->and(array_map(fn (string $by): array => $hours($site, $by), ['week', 'month', 'quarter']))
        ->toBe($before);
    foreach (Schedule::query()->whereKeyNot($first->id)->get() as $other) {
        app(ComingVisits::class)->clear($other);
    }
    expect(loadsAsKept())->toBe(loadsCounted());
    $this->artisan('outlook:add-up');
    expect(DB::table('outlook_loads')->count())->toBe(count(loadsCounted()));
});

it('exports what it shows as CSV, JSON and iCalendar', function () {
    $plant = Plant::build();
    $plant->schedule([
        'name' => '=SUM(A1) check, weekly',
        'every' => 7,
        'late_share' => 0,
        'anchor_on' => '2026-03-23',
    ]);
    $csv = $this->as('planner')->get('/outlook.csv?from=2026-03-23')->streamedContent();
    expect(explode("\n", trim($csv)))->toHaveCount(9)->and($csv)->toContain('"\'=SUM(A1) check, weekly"');
    $json = json_decode($this->as('planner')->get('/outlook.json?from=2026-03-23')->streamedContent(), true);
    expect($json)
        ->toHaveCount(8)
        ->and($json[0])
        ->toMatchArray(['planned_on' => '2026-03-23', 'sure' => 'planned', 'tag' => 'PMP-01', 'hours' => 0.75]);
    $calendar = Reader::read($this->as('planner')->get('/outlook.ics?from=2026-03-23')->streamedContent());
    expect($calendar->validate())
        ->toBe([])
        ->and(count($calendar->VEVENT))
        ->toBe(8)
        ->and((string) $calendar->VEVENT[0]->DTSTART)
        ->toBe('20260323')
        ->and(
            array_unique(array_map(fn ($event) => (string) $event->UID, iterator_to_array($calendar->VEVENT, false))),
        )
        ->toHaveCount(8);
});

it('reaches five years, is kept up by what changes it, and rolls on by itself', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['every' => 30, 'late_share' => 100, 'early_share' => 100]);
    $rows = fn () => DB::table('coming_visits')
        ->where('schedule_id', $schedule->id)
        ->orderBy('planned_on')
        ->pluck('planned_on')
        ->all();
    expect($rows())->toHaveCount(74)->and($rows()[0])->toBe('2026-03-20');
    $order = $plant->release();
    $this->as('supervisor')->post("/orders/{$order->id}/start");
    $this->as('supervisor')->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00']);
    expect($rows()[0])->toBe('2026-04-17');
    $last = max($rows());
    $this->clock->set('2027-05-18 04:10:00');
    $plant->release();
    expect(max($rows()))->toBeGreaterThan($last);
    $this->as('planner')->put("/assets/{$plant->pump->id}", [
        'tag' => 'PMP-01',
        'name' => 'Feed pump 1',
        'class_id' => $plant->pump->class_id,
        'stands' => 'HALL',
        'criticality' => 'A',
        'life_state' => 'out of service',
        'version' => $plant->pump->refresh()->version,
    ]);
    expect($rows())->toBe([]);
});
