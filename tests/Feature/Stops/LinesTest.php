<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Stops\Actions\OpenShifts;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\ReportRunning;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Line;
use App\Stops\Models\LinePattern;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\Stop;
use App\Stops\Queries\OeeOf;
use App\Stops\Queries\OeeSlice;
use App\Stops\Queries\ReliabilityAsked;
use App\Stops\Queries\ReliabilityOfLines;
use App\Stops\Queries\StopsAddedUp;
use App\Stops\Queries\StopsInPeriod;
use App\Stops\Queries\StopSlice;
use App\Work\Models\WorkOrder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\Span;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;

/** The pump or its motor stood. */
function stoodOn(Plant $plant, string $asset, string $from, string $to, string $why): Stop
{
    $by = Actor::guest('Operator');
    app(ReportDown::class)($by, $plant->{$asset}, new DateTimeImmutable("{$from} UTC"), StopSaid::because($why));

    return app(ReportRunning::class)($by, $plant->{$asset}, new DateTimeImmutable("{$to} UTC"));
}

it('makes an asset a line with shifts, products and rates, by forms that refuse what cannot be', function () {
    $plant = Plant::build();
    $this->as('technician')->get('/lines/new')->assertForbidden();
    $this->as('planner')->post('/lines', ['tag' => 'NONE'])->assertSessionHasErrors('tag');
    $this->post('/lines', ['tag' => 'PMP-01', 'hour' => '60.00', 'speed_below' => '90']);
    $line = Line::query()->sole();
    expect([$line->asset_id, $line->hour_cents, $line->speed_below])->toBe([$plant->pump->id, 6000, 90]);
    $this->post('/lines', ['tag' => 'PMP-01'])->assertSessionHasErrors('asset_id');
    $at = "/lines/{$line->id}";
    $turn = ['name' => 'early', 'times' => '06:00-14:00', 'breaks' => '10:00-10:30', 'weekdays' => [1, 2, 3]];
    $this->post("{$at}/patterns", ['from_on' => '2026-03-16', 'turns' => [['times' => '6 to 2'] + $turn, $turn]])
        ->assertSessionHasErrors('turns.0.times');
    $this->post("{$at}/patterns", ['from_on' => '2026-03-16', 'turns' => [$turn, ['name' => 'x'] + $turn]])
        ->assertSessionHasErrors('shift');
    $this->post("{$at}/patterns", ['from_on' => '2026-03-16', 'turns' => [$turn, []], 'stands_on_holidays' => '1'])
        ->assertSessionHasNoErrors();
    expect(ShiftRecord::query()->pluck('day')->all())
        ->toBe(['2026-03-16', '2026-03-17', '2026-03-18'])
        ->and(app(OpenShifts::class)($line->refresh()))
        ->toBe(0, 'running it twice makes nothing twice');
    $this->post('/products', ['number' => 'A-1', 'name' => 'Plaid', 'unit' => 'm'])->assertSessionHasNoErrors();
    $this->post('/products', ['number' => 'A-1', 'name' => 'Twill', 'unit' => 'm'])->assertSessionHasErrors('number');
    $product = (int) DB::table('products')->value('id');
    $rate = ['product_id' => $product, 'rate_from' => '2026-03-16', 'ideal' => '0'];
    $this->post("{$at}/rates", $rate)->assertSessionHasErrors('ideal');
    $this->post("{$at}/rates", ['ideal' => '25.2'] + $rate)->assertSessionHasNoErrors();
    $this->put($at, ['part_ids' => [$plant->pump->id], 'in_use' => '1', 'version' => $line->refresh()->version])
        ->assertSessionHasErrors('part_ids');
    $this->get("{$at}/settings")->assertOk()->assertSee('25.2')->assertSee('early 06:00-14:00');
});

it('adds up a shift from what stood and what was made, and opens each', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    stoodOn($plant, 'pump', '2026-03-17 07:00', '2026-03-17 07:40', 'Jam');
    stoodOn($plant, 'motor', '2026-03-17 07:30', '2026-03-17 08:00', 'No yarn');
    stoodOn($plant, 'pump', '2026-03-17 09:00', '2026-03-17 10:15', 'Cleaning');
    $shift = $floor->shift('2026-03-17');
    $this->as('technician')->put("/shifts/{$shift->id}", $floor->form($shift, 250, 10))->assertSessionHasNoErrors();
    $shift->refresh();
    // 480 min, break 30, cleaning 60 outside it: 390 planned; 60 min stood: 330 run.
    expect([$shift->planned_s / 60, $shift->run_s / 60, $shift->ideal_s, $shift->good_s, $shift->wanted_s / 60])
        ->toBe([390, 330, '15000.000000', '14400.000000', 390]);
    $this->get("/shifts/{$shift->id}")
        ->assertOk()
        ->assertSee('OEE 61.5')
        ->assertSeeInOrder(['390 min', '60', 'availability 84.6', '80', 'performance 75.8'])
        ->assertSeeInOrder(['10', 'quality 96.0', '240'])
        ->assertSee('07:00 to 07:40, Jam, 40 min')
        ->assertSee('Motor of feed pump 1');
    $this->get("/lines/{$floor->line->id}")->assertRedirect('/shifts/'.$floor->shift('2026-03-18')->id);
    $stop = Stop::query()->where('reason', 'Jam')->sole();
    $never = ['strike_reason' => 'never', 'version' => $stop->version];
    $this->as('supervisor')->post("/stops/{$stop->id}/strike", $never);
    expect($shift->refresh()->run_s / 60)->toBe(360);
});

it('takes what is short as speed, batches as lost, gaps as unknown, and a worked break as planned', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant, 300);
    stoodOn($plant, 'pump', '2026-03-17 07:00', '2026-03-17 07:04', 'Jam');
    $shift = $floor->shift('2026-03-17');
    $this->as('technician')->post("/lines/{$floor->line->id}/short-stops", [
        'hour' => '2026-03-17T08:00',
        'stops' => '12',
        'minutes' => '9',
        'why' => 'Jam',
    ])->assertSessionHasNoErrors();
    $form = $floor->form($shift, 200, 0, ['worked' => [0]]);
    $form['runs'][0]['from'] = '08:00';
    $this->put("/shifts/{$shift->id}", $form)->assertSessionHasNoErrors();
    $shift->refresh();
    expect([$shift->planned_s / 60, $shift->run_s / 60, $shift->wanted_s / 60])->toBe([360, 351, 480]);
    $this->get("/shifts/{$shift->id}")->assertSee('75.0 % of the time is covered', false)->assertSee('13 stops');
    $short = (int) DB::table('short_stops')->value('id');
    $this->post("/short-stops/{$short}/strike", ['short_because' => 'twice'])->assertSessionHasNoErrors();
    expect($shift->refresh()->run_s / 60)->toBe(360);
});

it('refuses output that cannot be, at its field, and keeps what was typed', function (array $run, string $field) {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-17');
    $form = $floor->form($shift, 100, 5);
    $form['runs'][0] = $run + $form['runs'][0];
    $this->as('technician')
        ->from("/shifts/{$shift->id}")
        ->put("/shifts/{$shift->id}", $form)
        ->assertSessionHasErrors($field)
        ->assertSessionHas('_old_input.runs.0.to');
    expect($shift->refresh()->runs)->toHaveCount(0);
})->with([
    'more rejected than made' => [['rejects' => 101], 'runs.0.rejects'],
    'before the shift' => [['from' => '05:00'], 'runs.0.from'],
    'no time' => [['to' => 'noon'], 'runs.0.to'],
    'no product' => [['product_id' => null], 'runs.0.product_id'],
    'a product of elsewhere' => [['product_id' => 999], 'runs.0.product_id'],
    'reworked more than rejected' => [['reworked' => 6], 'runs.0.reworked'],
]);

it('is signed when it is over, and changes no more until that is taken back with a reason', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $now = $floor->shift('2026-03-18');
    $shift = $floor->shift('2026-03-17');
    $this->as('technician')->put("/shifts/{$shift->id}", $floor->form($shift, 100, 0));
    $this->post("/shifts/{$shift->id}/sign", ['version' => 2])->assertForbidden();
    $this->as('supervisor')->post("/shifts/{$now->id}/sign", ['version' => 1])->assertSessionHasErrors('form');
    $this->get("/shifts/{$now->id}")->assertSee('data-opens="output"', false);
    $this->post("/shifts/{$shift->id}/sign", ['version' => 2])->assertSessionHasNoErrors();
    // Nothing is offered that would be refused.
    $this->get("/shifts/{$shift->id}")
        ->assertDontSee('data-opens="output"', false)
        ->assertSee('data-opens="sign"', false);
    $this->as('technician')
        ->get("/shifts/{$shift->id}")
        ->assertDontSee('data-opens', false);
    $this->as('technician')
        ->put("/shifts/{$shift->id}", $floor->form($shift->refresh(), 90, 0))
        ->assertSessionHasErrors('form');
    $this->as('supervisor')
        ->post("/shifts/{$shift->id}/take-back", ['version' => 3])
        ->assertSessionHasErrors('because');
    $this->post("/shifts/{$shift->id}/take-back", ['version' => 3, 'because' => 'wrong count']);
    $this->as('technician')
        ->put("/shifts/{$shift->id}", $floor->form($shift->refresh(), 90, 0))
        ->assertSessionHasNoErrors();
});

it('measures by the rate of its day, and again where that is set later', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-17');
    $this->as('planner')->put("/shifts/{$shift->id}", $floor->form($shift, 500, 0));
    $this->get("/shifts/{$shift->id}")->assertSee('54.00 s a piece would explain it');
    $this->post("/lines/{$floor->line->id}/rates", [
        'product_id' => $floor->product->id,
        'rate_from' => '2026-03-17',
        'ideal' => '50,0',
    ])->assertSessionHasNoErrors();
    expect($shift->refresh()->ideal_s)->toBe('25000.000000');
    $this->get("/shifts/{$shift->id}")->assertDontSee('would explain it');
    $this->post("/lines/{$floor->line->id}/patterns", [
        'from_on' => '2026-03-16',
        'turns' => [['name' => 'day', 'times' => '08:00-16:00', 'weekdays' => [1]]],
    ])->assertSessionHasErrors('from_on');
    expect(LinePattern::query()->count())->toBe(1);
});

it('gives no minute to two shifts where one pattern follows another, or a signed shift stays', function () {
    $plant = Plant::build();
    $all = [1, 2, 3, 4, 5, 6, 7];
    $this->as('planner')->post('/lines', ['tag' => 'PMP-01', 'hour' => '60.00']);
    $line = Line::query()->sole();
    $night = ['name' => 'night', 'times' => '22:00-06:00', 'breaks' => '05:00-05:30', 'weekdays' => $all];
    $early = ['name' => 'early', 'times' => '04:00-12:00', 'breaks' => '05:00-07:00', 'weekdays' => $all];
    $set = fn (string $from, array ...$turns) => $this->post("/lines/{$line->id}/patterns", [
        'from_on' => $from,
        'turns' => $turns,
    ])->assertSessionHasNoErrors();
    $stand = static fn (): array => ShiftRecord::query()->orderBy('from_at')->get()->map(
        static fn (ShiftRecord $one): string => $one->shift.' '.gmdate('j H:i', $one->span()->from).'-'.
            gmdate('H:i', $one->span()->to),
    )->all();
    $set('2026-03-14', $night);
    $set('2026-03-16', $early);
    expect($stand())->toBe([
        'night 14 22:00-06:00', 'night 15 22:00-06:00', 'early 16 06:00-12:00', 'early 17 04:00-12:00',
        'early 18 04:00-12:00',
    ]);
    $first = ShiftRecord::query()->where('day', '2026-03-16')->sole();
    expect(array_map(static fn (array $one): array => [$one['from'], $one['to']], $first->breaks))
        ->toBe([[$first->span()->from, $first->span()->from + 3600]])
        ->and(app(OpenShifts::class)($line->refresh(), LocalDate::of(2026, 3, 14)))
        ->toBe(0, 'opened again, nothing is added');
    // One that was signed stays when the pattern changes under it; what is free beside it is opened.
    DB::table('shift_records')
        ->where('day', '2026-03-17')
        ->update(['signed_at' => '2026-03-17 13:00:00', 'signed_who' => 'Supervisor One']);
    $set('2026-03-17', ['times' => '10:00-18:00', 'breaks' => ''] + $early);
    expect(array_slice($stand(), 3))->toBe([
        'early 17 04:00-12:00', 'early 17 12:00-18:00', 'early 18 10:00-18:00',
    ]);
});

it('adds minutes and then divides, by line, shift, crew, product and time, with the shifts behind each', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $long = $floor->shift('2026-03-16');
    $short = $floor->shift('2026-03-17');
    stoodOn($plant, 'pump', '2026-03-17 06:00', '2026-03-17 13:00', 'Cleaning');
    $this->as('planner')->put("/shifts/{$long->id}", $floor->form($long, 225, 0));
    $this->put("/shifts/{$short->id}", $floor->form($short, 60, 0));
    $slice = OeeSlice::of($plant->site->id, LocalDate::parse('2026-03-16'), LocalDate::parse('2026-03-17'));
    $sum = app(OeeOf::class)->addedUp($slice, 'shift')->firstWhere('key', 'early');
    // 225 of 450 min and 60 of 60: 285 of 510, not the mean of 50 % and 100 %.
    expect($sum->oee->oee())
        ->toBe(285 / 510)
        ->and($sum->lostCents)
        ->toBe(22500)
        ->and(app(OeeOf::class)->addedUp($slice, 'product')->sole()->oee->oee())
        ->toBe(285 / 510);
    foreach (array_keys(OeeOf::BY) as $by) {
        $this->get("/stops/oee?by={$by}&days=30")->assertOk()->assertSee('55.9', false);
        // Each figure opens what it was counted from, and that comes to the same.
        foreach (app(OeeOf::class)->addedUp($slice, $by) as $row) {
            $asked = http_build_query(['by' => $by, 'value' => $row->key, 'days' => 30]);
            $this->get("/stops/oee/shifts?{$asked}")->assertOk()->assertSee('/shifts/');
            $behind = app(OeeOf::class)->all($slice->only($by, $row->key));
            expect([$behind->oee->oee(), $behind->shifts, $behind->lostCents, $behind->minuteCents])
                ->toBe([$row->oee->oee(), $row->shifts, $row->lostCents, $row->minuteCents], "{$by} {$row->key}");
        }
    }
    $this->get('/stops/oee?by=day&days=30&one=2026-03-16&other=2026-03-17')->assertSee('225 min more');
    $this->get('/stops/oee/shifts?by=shift&value=early&days=7')->assertSee("/shifts/{$short->id}");
    $csv = $this->get('/stops/oee.csv?by=shift&days=7')->streamedContent();
    expect($csv)->toContain('30600');
    $this->as('technician')->get('/stops/oee?days=7')->assertDontSee('worth');
    // A line inside another asset is where that one is.
    DB::table('plant_lines')->update(['asset_id' => $plant->motor->id]);
    expect(app(OeeOf::class)->addedUp($slice, 'place')->sole()->key)->toBe($plant->hall->name);
});

it('splits, merges and moves a stop with a reason, and never loses or doubles a minute', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-17');
    $stop = stoodOn($plant, 'pump', '2026-03-17 07:00', '2026-03-17 08:00', 'Jam');
    $this->as('supervisor')->put("/shifts/{$shift->id}", $floor->form($shift, 10, 0));
    $lost = static fn (): int => intdiv($shift->refresh()->planned_s - $shift->run_s, 60);
    $said = ['because' => 'two things happened', 'version' => $stop->version];
    $this->post("/stops/{$stop->id}/split", ['split_at' => '2026-03-17T09:00'] + $said)
        ->assertSessionHasErrors('split_at');
    $this->post("/stops/{$stop->id}/split", ['split_at' => '2026-03-17T07:20'] + $said)->assertSessionHasNoErrors();
    $later = Stop::query()->where('id', '>', $stop->id)->sole();
    expect([$stop->refresh()->to_at, $later->from_at, $later->to_at, $lost()])->toBe([
        '2026-03-17 07:20:00.000000',
        '2026-03-17 07:20:00.000000',
        '2026-03-17 08:00:00.000000',
        60,
    ]);
    $this->post("/stops/{$later->id}/why", ['why' => 'Cleaning', 'cause' => 'PMP-01-M'])->assertSessionHasNoErrors();
    expect($lost())->toBe(20);
    $this->get("/stops/{$later->id}")->assertSee('Caused by')->assertSee('Make an order of it');
    $photo = UploadedFile::fake()->image('shuttle.jpg', 40, 30);
    $this->post("/documents/on/stop/{$later->id}", ['files' => [$photo]])->assertRedirect();
    $this->post("/stops/{$stop->id}/merge", ['version' => $stop->version, 'because' => 'it was one'])
        ->assertSessionHasNoErrors();
    // What was photographed of either stands on the one that is left.
    $this->get("/stops/{$stop->id}")->assertSee('shuttle.jpg');
    expect([Stop::standing()->count(), $stop->refresh()->to_at, $lost()])
        ->toBe([1, '2026-03-17 08:00:00.000000', 60]);
    $this->post("/stops/{$stop->id}/merge", ['version' => $stop->version, 'because' => 'x'])
        ->assertSessionHasErrors('merge');
    $move = ['to_tag' => 'PMP-01-M', 'because' => 'the motor', 'version' => $stop->version];
    $this->post("/stops/{$stop->id}/move", ['to_tag' => 'NONE'] + $move)->assertSessionHasErrors('to_tag');
    $this->post("/stops/{$stop->id}/move", $move)->assertSessionHasNoErrors();
    expect([$stop->refresh()->asset_id, $lost()])->toBe([$plant->motor->id, 60]);
});

it('hands a shift over by a page that writes itself, and both sign', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    app(ReportDown::class)(
        Actor::guest('Operator'),
        $plant->pump,
        new DateTimeImmutable('2026-03-18 07:30'),
        StopSaid::notYet(),
    );
    $order = $plant->started();
    $this->as('supervisor')->get('/handovers')
        ->assertSee('Feed pump 1 for 30 min')
        ->assertSee('Stops without a reason')
        ->assertSee($order->label())
        ->assertSee('nothing is entered yet');
    $this->post('/handovers', ['remarks' => 'Belt is soft.'])->assertSessionHasNoErrors();
    $id = (int) DB::table('shift_handovers')->value('id');
    $this->post('/handovers')->assertSessionHasErrors('form');
    $this->post("/handovers/{$id}/take", ['version' => 1])->assertSessionHasErrors('form');
    app(ReportRunning::class)(Actor::guest('Operator'), $plant->pump, new DateTimeImmutable('2026-03-18 07:50'));
    $this->as('planner')->post("/handovers/{$id}/take", ['version' => 1])->assertSessionHasNoErrors();
    $this->get("/handovers/{$id}")->assertSee('Belt is soft.')->assertSee('Feed pump 1 for 30 min');
    $this->as('manager')->post("/handovers/{$id}/take", ['version' => 2])->assertForbidden();
});

it('adds up what cost most by money, cause, shift and product, short stops among them', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    stoodOn($plant, 'pump', '2026-03-17 07:00', '2026-03-17 07:30', 'Jam');
    $wait = stoodOn($plant, 'pump', '2026-03-17 15:00', '2026-03-17 15:20', 'No yarn');
    $this->as('planner')->post("/stops/{$wait->id}/why", ['why' => 'No yarn', 'cause' => 'PMP-01-M']);
    $this->post("/lines/{$floor->line->id}/short-stops", [
        'hour' => '2026-03-17T08:00',
        'stops' => '12',
        'minutes' => '30',
        'why' => 'Jam',
    ]);
    $shift = $floor->shift('2026-03-17');
    $this->put("/shifts/{$shift->id}", $floor->form($shift, 100, 0));
    $seen = fn (string $by, string $measure): string => preg_replace(
        '/\s+/',
        ' ',
        strip_tags((string) $this->get("/stops?by={$by}&measure={$measure}&days=30")->assertOk()->content()),
    ) ?? '';
    expect($seen('reason', 'count'))
        ->toContain('Jam 13 13')
        ->and($seen('reason', 'minutes'))
        ->toContain('Jam 13 60')
        ->toContain('make an order of it')
        ->and($seen('reason', 'cost'))
        ->toContain('Jam 13 60')
        ->and($seen('cause', 'minutes'))
        ->toContain('Motor of feed pump 1 1 20')
        ->and($seen('shift', 'minutes'))
        ->toContain('late 1 20')
        ->and($seen('product', 'minutes'))
        ->toContain('Cloth 1 30');
    $this->get('/orders/new?asset=PMP-01&title=Feed+pump+1%3A+Jam&about=In+30+days')->assertSee('Feed pump 1: Jam');
    $this->as('technician')->get('/stops?measure=cost')->assertDontSee('cost</a>', false);
});

it('adds a long period up from whole months and days to what its stops one by one add up to', function () {
    $plant = Plant::build();
    mt_srand(7);
    $at = new DateTimeImmutable('2025-12-27 03:00 UTC');
    while ($at < new DateTimeImmutable('2026-03-16 10:00 UTC')) {
        $to = $at->modify('+'.mt_rand(3, 2400).' minutes');
        stoodOn($plant, 'pump', $at->format('Y-m-d H:i'), $to->format('Y-m-d H:i'), 'Reason '.mt_rand(1, 4));
        $at = $to->modify('+'.mt_rand(20, $to->format('Y-m-d') < '2026-02-20' ? 6000 : 900).' minutes');
    }
    $stop = Stop::query()->orderByDesc('from_at')->skip(3)->firstOrFail();
    $this->as('supervisor')->post("/stops/{$stop->id}/strike", ['strike_reason' => 'x', 'version' => $stop->version]);
    app(ReportDown::class)(
        Actor::guest('Operator'),
        $plant->motor,
        new DateTimeImmutable('2026-03-13 10:00 UTC'),
        StopSaid::because('Reason 1'),
    );
    $now = $this->clock->now();
    foreach ([2, 10, 20, 40, 75] as $days) {
        $lately = StopSlice::lately($plant->site->id, $now, $days);
        foreach ([$lately, $lately->before()] as $slice) {
            $one = app(StopsInPeriod::class)->each($slice)->collect()->groupBy('reason');
            $sums = app(StopsAddedUp::class)->by($slice, 'reason');
            expect($sums)->toHaveCount($one->count(), "{$days} days");
            foreach ($sums as $row) {
                expect([$row->stops, $row->seconds])
                    ->toBe([$one[$row->key]->count(), (int) $one[$row->key]->sum('seconds')], "{$days} days");
            }
        }
    }
    Artisan::call('bench:check');
    expect(trim(Artisan::output()))->toBe('Everything hangs together.');
});

it('makes an order of a stop, which names it, and asks on the order whether it helped once that is done', function () {
    $plant = Plant::build();
    LineFloor::of($plant);
    $stop = stoodOn($plant, 'pump', '2026-03-17 07:00', '2026-03-17 07:30', 'Jam');
    $this->as('planner')->get("/stops/{$stop->id}")->assertSee("stop={$stop->id}", false);
    $this->get("/orders/new?stop={$stop->id}&asset=PMP-01&title=Mend+the+jam")->assertSee('Mend the jam');
    $this->post('/orders', [
        'title' => 'Mend the jam',
        'asset' => 'PMP-01',
        'type' => 'corrective',
        'priority' => 'routine',
        'stop' => (string) $stop->id,
    ])->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect([$stop->refresh()->subject_id, $stop->subject_label])->toBe([$order->id, $order->label()]);
    $this->get("/orders/{$order->id}")->assertSee('It mends a stop')->assertDontSee('it help?');
    $this->get("/stops/{$stop->id}")->assertSee($order->label())->assertDontSee('Make an order of it');
});

it('lets an operator enter the shift of their own line', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $operator = $plant->person('operator');
    $shift = $floor->shift('2026-03-17');
    DB::table('location_operators')->insert(['location_id' => $plant->hall->id, 'user_id' => $operator->id]);
    $this->as('operator')->get("/assets/{$plant->pump->id}")->assertSee('Its shift');
    $this->get("/shifts/{$shift->id}")->assertOk()->assertDontSee('Sign the shift')->assertDontSee('GBP');
    $this->put("/shifts/{$shift->id}", $floor->form($shift, 100, 1))->assertSessionHasNoErrors();
    $this->get('/stops')->assertForbidden();
});

it('says how reliable a line was by cause, place, shift and product, over the time of each alone', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    stoodOn($plant, 'pump', '2026-03-17 07:00', '2026-03-17 07:40', 'Jam');
    stoodOn($plant, 'pump', '2026-03-17 23:00', '2026-03-17 23:20', 'Jam');
    $shift = $floor->shift('2026-03-17');
    $form = $floor->form($shift, 100, 0);
    $this->as('planner')->put("/shifts/{$shift->id}", $form)->assertSessionHasNoErrors();
    $asked = ReliabilityAsked::roundTheClock(
        $plant->site,
        Span::between(strtotime('2026-03-17T00:00Z'), strtotime('2026-03-18T00:00Z')),
    );
    $of = app(ReliabilityOfLines::class);
    $early = $of->by($asked, 'shift')['early'];
    // Eight hours less 40 minutes; what failed in the night is none of it.
    expect([$early->failures, $early->operating() / 60, $early->mttr()])
        ->toBe([1, 440, 2400.0])
        ->and($of->by($asked, 'shift')['late']->failures)
        ->toBe(0)
        ->and($of->by($asked, 'product')['Cloth']->failures)
        ->toBe(1);
    foreach (['cause' => 'Jam', 'place' => 'Spinning', 'shift' => 'early', 'product' => 'Cloth'] as $by => $word) {
        $this->get("/stops/reliability?by={$by}&months=1")->assertOk()->assertSee($by === 'place' ? 'by place' : $word);
    }
    // What stands above the table is what the table adds up to: of lines, in their shifts alone.
    $head = ['shift' => '1 line', 'product' => '1 line', 'cause' => '2 assets', 'asset' => '2 assets'];
    $failed = ['shift' => '1 failure', 'product' => '1 failure', 'cause' => '2 failures', 'asset' => '2 failures'];
    foreach ($head as $by => $counted) {
        $this->get("/stops/reliability?by={$by}&months=1")->assertSeeInOrder([
            "<span>{$counted}</span>", "<span>{$failed[$by]}</span>",
        ], false);
    }
});
