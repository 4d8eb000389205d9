<?php

declare(strict_types=1);

use App\Stops\Models\Stop;
use App\Stops\Models\StopReason;
use App\Stops\Projections\StopDays;
use App\Stops\Queries\ReliabilityAsked;
use App\Stops\Queries\ReliabilityOf;
use App\Stops\Queries\ReliabilitySummed;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\Reliability;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StopKind;
use Sundial\Stops\StoppedFor;
use Tests\Feature\Plant;

/** A stop of the pump that is over, of so many minutes. */
function stood(Plant $plant, string $from, int $minutes, string $reason, ?StopKind $kind = null): int
{
    $of = StopReason::query()->where('name', $reason)->first();
    $start = new DateTimeImmutable("{$from} UTC");

    $id = DB::table('stops')->insertGetId([
        'site_id' => $plant->site->id,
        'asset_id' => $plant->pump->id,
        'from_at' => $start->format('Y-m-d H:i:s'),
        'to_at' => $start->modify("+{$minutes} minutes")->format('Y-m-d H:i:s'),
        'reason' => $reason,
        'reason_id' => $of?->id,
        'kind' => ($of->kind ?? $kind)?->value,
        'opened_who' => 'Operator',
    ]);
    app(StopDays::class)->keep($plant->pump->id, $start->format('Y-m-d H:i:s'), null);

    return $id;
}

function reason(string $name, StopKind $kind, ?int $under = null): StopReason
{
    return StopReason::query()->create(['name' => $name, 'kind' => $kind, 'parent_id' => $under]);
}

it('keeps reasons as a tree of two levels, each of a kind, and stops keep the kind that they had', function () {
    $plant = Plant::build();
    $add = ['name' => 'Yarn', 'kind' => 'starved'];
    $this->as('administrator')->post('/setup/stop-reasons', $add)->assertSessionHasNoErrors();
    $this->post('/setup/stop-reasons', $add)->assertSessionHasErrors('name');
    $top = StopReason::query()->sole();
    $this->post('/setup/stop-reasons', ['name' => 'No yarn', 'kind' => 'starved', 'parent_id' => $top->id]);
    $under = StopReason::query()->where('name', 'No yarn')->sole();
    $this->post('/setup/stop-reasons', ['name' => 'x', 'kind' => 'failure', 'parent_id' => $under->id])
        ->assertSessionHasErrors('parent_id');
    $this->post('/setup/stop-reasons', ['name' => 'x', 'kind' => 'lunch'])->assertSessionHasErrors('kind');
    $this->get('/setup/stop-reasons')->assertSee('under Yarn');

    $this->as('technician')->post("/assets/{$plant->pump->id}/down", ['stop_reason' => 'no yarn', 'planned' => '1']);
    $stop = Stop::query()->sole();
    expect([$stop->reason, $stop->reason_id, $stop->kind, $stop->planned])
        ->toBe(['No yarn', $under->id, StopKind::Starved, false], 'what the list says of it goes before the tick');
    $change = ['name' => 'No yarn', 'kind' => 'planned stop', 'version' => $under->version, 'in_use' => '1'];
    $this->as('administrator')->put("/setup/stop-reasons/{$under->id}", $change)->assertSessionHasNoErrors();
    expect($stop->refresh()->kind)->toBe(StopKind::Starved);
});

it('lists what stood without a reason, and takes one of the list from whoever may report', function () {
    $plant = Plant::build();
    reason('Seal leaks', StopKind::Failure);
    $id = stood($plant, '2026-03-17 10:00:00', 30, 'something dripped');
    $this->as('technician')->get("/assets/{$plant->pump->id}/stop-reasons")->assertSee('Seal leaks');
    $this->get('/stops')->assertSee('Without a reason')->assertSee('something dripped');
    $this->post("/stops/{$id}/why", ['why' => 'Bored'])->assertSessionHasErrors('why');
    $this->post("/stops/{$id}/why", ['why' => 'Seal leaks'])->assertSessionHas('said', 'It was: Seal leaks.');
    expect(Stop::query()->sole()->kind)->toBe(StopKind::Failure);
    $this->get('/stops')->assertDontSee('Without a reason of the list');
    $this->as('manager')->post("/stops/{$id}/why", ['why' => 'Seal leaks'])->assertForbidden();
});

it('adds up what cost most by minutes or count, beside the time before, and opens the stops behind it', function () {
    $plant = Plant::build();
    $yarn = reason('Yarn', StopKind::Starved);
    reason('No yarn', StopKind::Starved, $yarn->id);
    reason('Seal leaks', StopKind::Failure);
    stood($plant, '2026-03-10 10:00:00', 90, 'Seal leaks');
    stood($plant, '2026-03-12 10:00:00', 20, 'No yarn');
    stood($plant, '2026-03-13 10:00:00', 20, 'Yarn');
    stood($plant, '2026-02-10 10:00:00', 50, 'No yarn');
    // Half of it lies before the 30 days, which are whole ones and what there is of today.
    stood($plant, '2026-02-15 23:50:00', 20, 'Seal leaks');
    $this->as('manager')
        ->get('/stops')
        ->assertSeeInOrder(['Seal leaks', '100', 'No yarn', '20', 'Yarn', '20']);
    $this->get('/stops?by=group&measure=minutes')->assertSeeInOrder(['Yarn', '2', '40', '50']);
    $this->get('/stops?by=reason&measure=count')->assertSeeInOrder(['Seal leaks', '2', 'No yarn', '1']);
    $this->get('/stops/list?by=group&value=Yarn')->assertSee('No yarn')->assertDontSee('Seal leaks');
    $csv = $this->get('/stops/list.csv?by=reason&value=Seal+leaks')->streamedContent();
    expect(substr_count($csv, 'Seal leaks'))->toBe(2)->and($csv)->toContain(',600,');
});

it('counts what began days before the period and reached into it', function () {
    $plant = Plant::build();
    reason('Seal leaks', StopKind::Failure);
    reason('No yarn', StopKind::Starved);
    stood($plant, '2026-02-12 01:00:00', 4 * 24 * 60, 'Seal leaks');
    stood($plant, '2026-02-11 09:00:00', 60, 'No yarn');
    $this->as('manager')->get('/stops')->assertSee('Seal leaks')->assertDontSee('No yarn');
    $json = $this->get('/stops/list.json?days=30')->streamedContent();
    expect($json)->toContain('Seal leaks')->not->toContain('No yarn');
    // Of the four days one hour lies in the thirty.
    $this->get('/stops')->assertSeeInOrder(['Seal leaks', '60']);
});

it('says how reliable assets were, and the bound where nothing failed', function () {
    $plant = Plant::build();
    DB::table('assets')->update(['in_service_on' => '2020-01-01']);
    reason('Seal leaks', StopKind::Failure);
    reason('No water', StopKind::Starved);
    stood($plant, '2026-03-01 10:00:00', 120, 'Seal leaks');
    stood($plant, '2026-03-01 11:00:00', 120, 'Seal leaks');
    stood($plant, '2026-03-05 10:00:00', 60, 'No water');
    DB::table('failures')->insert([
        ['site_id' => $plant->site->id, 'asset_id' => $plant->pump->id, 'failed_at' => '2026-03-01 10:30:00',
            'restored_at' => '2026-03-01 12:00:00', 'kind' => 'order', 'subject_id' => 1, 'label' => 'W-1'],
        ['site_id' => $plant->site->id, 'asset_id' => $plant->pump->id, 'failed_at' => '2026-03-09 10:30:00',
            'restored_at' => '2026-03-09 12:00:00', 'kind' => 'order', 'subject_id' => 2, 'label' => 'W-2'],
    ]);
    $period = Span::between(gmmktime(0, 0, 0, 3, 1, 2026), gmmktime(0, 0, 0, 3, 11, 2026));
    $of = app(ReliabilityOf::class);
    $is = $of->asset(ReliabilityAsked::roundTheClock($plant->site, $period), $plant->pump->id);
    expect([$is->failures, $is->finished, $is->mttr() / 60, $is->down / 60, $is->required / 3600])
        ->toBe([2, 1, 180.0, 240, 240])
        ->and(round($is->mtbf() / 3600, 6))
        ->toBe(118.0)
        ->and(round($is->technicalAvailability(), 6))
        ->toBe(round(236 / 239, 6));
    $motor = $of->asset(ReliabilityAsked::roundTheClock($plant->site, $period), $plant->motor->id);
    expect(round($motor->mtbfAbove() / 3600, 3))->toBe(261.926);
    $working = $of->asset(ReliabilityAsked::onWorkingDays($plant->site, $period), $plant->motor->id);
    expect($working->required / 3600)->toBe(168, '1, 7 and 8 March are a weekend');

    $this->as('engineer')->get('/stops/reliability')->assertOk()->assertSee('pump');
    $this->get("/stops/reliability?class={$plant->pump->class_id}")->assertSee('Feed pump 1');
    $this->get("/assets/{$plant->pump->id}")->assertSee('Reliability');
    $this->get("/assets/{$plant->pump->id}/reliability")->assertSee('to restore');
});

it('adds up in the database what was counted stop by stop', function () {
    $plant = Plant::build();
    mt_srand(7);
    $now = (new DateTimeImmutable('2026-03-18 08:00:00 UTC'))->getTimestamp();
    $kinds = [...StopKind::cases(), null];
    $rows = [];
    $stops = [];
    for ($at = $now - 20 * 86_400; $at < $now - 90_000; $at += mt_rand(0, 20_000)) {
        $kind = $kinds[array_rand($kinds)];
        $to = $at + mt_rand(0, mt_rand(0, 9) === 0 ? 200_000 : 900);
        $rows[] = [
            'site_id' => $plant->site->id,
            'asset_id' => $plant->pump->id,
            'from_at' => gmdate('Y-m-d H:i:s', $at).'.500000',
            'to_at' => gmdate('Y-m-d H:i:s', $to).'.900000',
            'reason' => 'reason '.mt_rand(1, 3),
            'kind' => $kind?->value,
            'opened_who' => 'signals',
        ];
        $stops[] = StoppedFor::ofKind($kind, $at, $to, $now);
        $at = $to;
    }
    $rows[] = ['from_at' => gmdate('Y-m-d H:i:s', $now - 600), 'to_at' => null, 'kind' => 'failure'] + $rows[0];
    $stops[] = StoppedFor::failure($now - 600, null, $now);
    DB::table('stops')->insert($rows);
    app(StopDays::class)->keep($plant->pump->id, (string) $rows[0]['from_at'], null);
    for ($i = 0; $i < 20; $i++) {
        $period = Span::between($now - mt_rand(8, 19) * 86_400 - mt_rand(0, 86_399), $now - mt_rand(0, 300_000));
        $each = app(ReliabilitySummed::class)->each($plant->site->id, [$plant->pump->id], $period, $now);
        [$sum, $by] = $each[$plant->pump->id];
        expect(array_sum(array_column($by, 'failures')))->toBe($sum->failures);
        expect($sum)->toEqual(Reliability::of($period, SpanSet::of($period), $stops));
        // On working days alone, where days begin at the hours of another zone too.
        $zone = ['UTC', 'Europe/London', 'Pacific/Auckland'][$i % 3];
        DB::table('sites')->where('id', $plant->site->id)->update(['timezone' => $zone]);
        $asked = ReliabilityAsked::onWorkingDays($plant->site->refresh(), $period);
        $working = app(ReliabilitySummed::class)->required($asked, [$plant->pump->id], $now)[$plant->pump->id][0];
        expect($working)->toEqual(Reliability::of($period, $asked->required, $stops), $zone);
    }
});

it('says whether something helped, over the time it ran, and claims nothing of a few', function () {
    $plant = Plant::build();
    DB::table('assets')->update(['in_service_on' => '2020-01-01']);
    reason('Seal leaks', StopKind::Failure);
    foreach (range(1, 12) as $i) {
        stood($plant, "2025-11-{$i} 10:00:00", 60, 'Seal leaks');
    }
    $ask = '/stops/helped?reason=Seal+leaks&tag='.$plant->pump->tag;
    $this->as('engineer')->get('/stops/list?by=reason&value=Seal+leaks')->assertSee('did it help?');
    $this->get("{$ask}&on=2026-01-15")->assertSee('comes more rarely since')->assertSee('12 in');
    // The stretch by which it was singled out says nothing.
    $this->get("{$ask}&on=2025-12-01&left_out=40")->assertSee('Nothing happened before or after');
    foreach (range(1, 4) as $i) {
        stood($plant, "2026-03-0{$i} 10:00:00", 60, 'Seal leaks');
    }
    $this->get("{$ask}&on=2026-02-01&left_out=0&days=7")->assertSee('Nothing can be said yet');
    $this->get('/stops/helped?reason=Seal+leaks&tag=NONE&on=2026-01-15')->assertSee('There is no asset NONE');
});

it('asks of all assets together that stood for a reason, where none is named', function () {
    $plant = Plant::build();
    DB::table('assets')->update(['in_service_on' => '2020-01-01']);
    reason('Seal leaks', StopKind::Failure);
    reason('Jam', StopKind::Failure);
    foreach (range(1, 12) as $i) {
        $id = stood($plant, "2025-11-{$i} 10:00:00", 60, 'Seal leaks');
        stood($plant, "2026-02-{$i} 10:00:00", 60, 'Jam');
        if ($i > 6) {
            DB::table('stops')->where('id', $id)->update(['asset_id' => $plant->motor->id]);
        }
    }
    $page = (string) $this->as('engineer')->get('/stops/helped?reason=Seal+leaks&on=2026-01-15')->getContent();
    // 180 days of two assets before, less the hours that they stood, and 62 days of them since.
    expect(preg_replace('/\s+/', ' ', strip_tags($page)))
        ->toContain('comes more rarely since')
        ->toContain('12 in');
    $this->get("/stops/helped?reason=Seal+leaks&on=2026-01-15&tag={$plant->pump->tag}")->assertSee('6 in');
});
