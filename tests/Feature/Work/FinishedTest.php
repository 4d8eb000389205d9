<?php

declare(strict_types=1);

use App\Platform\Clock\Clock;
use App\Register\Models\Meter;
use App\Stops\Actions\ReportDown;
use App\Stops\Inputs\StopSaid;
use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Work\Models\WorkOrder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;

/** @return array<string, mixed> */
function done(Plant $plant, array $with = []): array
{
    return $with + [
        'title' => 'Seal changed',
        'asset' => 'PMP-01',
        'type' => 'corrective',
        'finished_at' => '2026-03-18T08:00',
        'hours' => [
            ['user_id' => $plant->person('technician')->id, 'time' => '1:30'],
            ['user_id' => '', 'time' => ''],
        ],
        'mode' => 'leaks outside',
        'cause' => 'age and use',
        'action' => 'replaced',
        'finding' => 'The seal was worn.',
    ];
}

it('writes down work that is done, from its title to closed in one press', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    app(SavePart::class)(
        $plant->person('planner')->actor(),
        null,
        PartInput::of(['number' => 'P-1', 'name' => 'Seal', 'unit' => 'pc', 'price' => '12.50', 'currency' => 'EUR']),
    );
    $this->as('supervisor')->get('/orders/finished?asset=PMP-01')->assertOk()->assertSee($meter->name);
    $this->post('/orders/finished', done($plant, [
        'parts' => "P-1 x 2\n",
        'readings' => [$meter->id => '4999'],
        'turn' => [$meter->id => 'confirmed'],
        'close' => 1,
    ]))->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    expect($order->only(['state', 'started_at', 'finished_at']))
        ->toBe([
            'state' => OrderState::Closed,
            'started_at' => '2026-03-18 06:30:00.000000',
            'finished_at' => '2026-03-18 08:00:00.000000',
        ])
        ->and($order->bookings()->sole()->only(['minutes', 'cost_cents', 'worked_on']))
        ->toBe(['minutes' => 90, 'cost_cents' => 5400, 'worked_on' => '2026-03-18'])
        ->and($order->uses()->sole()->only(['quantity', 'value_cents']))
        ->toBe(['quantity' => '2.000', 'value_cents' => 2500])
        ->and($order->failure->only(['mode', 'cause', 'action', 'done']))
        ->toBe([
            'mode' => 'leaks outside',
            'cause' => 'age and use',
            'action' => 'replaced',
            'done' => 'The seal was worn.',
        ])
        ->and(Meter::query()->find($meter->id)->last_shown)
        ->toBe('4999.000')
        ->and(DB::table('order_spans')->where('order_id', $order->id)->pluck('state')->all())
        ->toBe(['draft', 'planned', 'approved', 'under way', 'done', 'closed']);
});

it('leaves the review to the supervisor where a technician writes it down, who books own hours only', function () {
    $plant = Plant::build();
    $this->as('technician')->post('/orders/finished', done($plant, ['close' => 1]))->assertSessionHasNoErrors();
    expect(WorkOrder::query()->sole()->state)->toBe(OrderState::Done);
    $others = [['user_id' => $plant->person('planner')->id, 'time' => '1']];
    $this->post('/orders/finished', done($plant, ['hours' => $others]))
        ->assertSessionHasErrors('hours.0.user_id');
    expect(WorkOrder::query()->count())->toBe(1);
});

it('keeps nothing where something is wrong, and names the field', function (array $wrong, string $field) {
    $plant = Plant::build();
    $this->as('supervisor')
        ->from('/orders/finished')
        ->post('/orders/finished', done($plant, $wrong))
        ->assertSessionHasErrors($field);
    expect([WorkOrder::query()->count(), DB::table('bookings')->count()])->toBe([0, 0]);
    $this->get('/orders/finished')->assertSee($wrong['title'] ?? 'Seal changed');
})->with([
    [['asset' => 'NOWHERE'], 'asset'],
    [['finished_at' => '2026-03-19T08:00'], 'finished_at'],
    [['hours' => [['user_id' => '', 'time' => '']]], 'hours'],
    [['parts' => 'P-404 x 2'], 'parts'],
    [['cause' => ''], 'cause'],
    [['type' => 'made up'], 'type'],
    [['mode' => '', 'cause' => '', 'action' => '', 'close' => 1], 'review'],
]);

it('writes one order down however often the button is pressed', function () {
    $plant = Plant::build();
    $form = done($plant, ['once' => '0f8fad5b-d9cb-469f-a165-70867728950e']);
    $this->as('supervisor')->post('/orders/finished', $form)->assertSessionHasNoErrors();
    $this->post('/orders/finished', $form)->assertSessionHasNoErrors();
    expect(WorkOrder::query()->count())->toBe(1);
});

it('proposes by one press what failures of the class usually turned out to be', function () {
    $plant = Plant::build();
    foreach (range(1, 3) as $i) {
        $this->as('supervisor')->post('/orders/finished', done($plant, ['title' => "Seal {$i}"]));
    }
    $this->as('planner')->post('/orders', [
        'title' => 'Seal again',
        'asset' => 'PMP-01',
        'type' => 'corrective',
        'priority' => 'soon',
    ]);
    $order = $plant->through(WorkOrder::query()->latest('id')->first(), 'approve', 'start');
    $this->as('supervisor')
        ->get("/orders/{$order->id}")
        ->assertSee('As usual: leaks outside, age and use, replaced');
    $this->put("/orders/{$order->id}/failure", [
        'mode' => 'leaks outside',
        'cause' => 'age and use',
        'action' => 'replaced',
    ])->assertSessionHasNoErrors();
    $this->get("/orders/{$order->id}")->assertDontSee('As usual:');
});

it('ends the stop with the finish where the machine runs again from then on', function () {
    $plant = Plant::build();
    $order = $plant->started();
    app(ReportDown::class)(
        $plant->person('operator')->actor(),
        $plant->pump,
        new DateTimeImmutable('2026-03-18 07:00:00'),
        StopSaid::because('standing for repair'),
    );
    $at = "/orders/{$order->id}";
    $this->as('technician')->get($at)->assertSee('end its stop');
    $this->post("{$at}/finish", ['finished_at' => '2026-03-18T08:00', 'runs_again' => 1, 'it_is_right' => 1])
        ->assertSessionHas('said', fn (string $said): bool => str_contains($said, 'The stop of Feed pump 1 is ended.'));
    expect(DB::table('stops')->value('to_at'))->toBe('2026-03-18 08:00:00.000000');
    // Nothing is said of it where it runs already.
    $plant->schedule(['name' => 'Another check']);
    $other = $plant->through($plant->release(), 'start');
    $this->get("/orders/{$other->id}")->assertDontSee('end its stop');
});

it('keeps what was hung on an order apart from what was reported: after and before', function () {
    $plant = Plant::build();
    $order = $plant->started();
    app(Clock::class)->set('2026-03-18 08:30:00');
    $picture = tempnam(sys_get_temp_dir(), 'p');
    imagepng(imagecreatetruecolor(40, 30), $picture);
    $files = ['files' => [new UploadedFile($picture, 'after.png', null, null, true)]];
    $this->as('technician')->post("/documents/on/order/{$order->id}", $files)->assertRedirect();
    $this->get("/orders/{$order->id}")
        ->assertSeeInOrder(['Photos and documents', 'after.png'])
        ->assertDontSee('What was asked for');
    $this->as('storekeeper')->post("/documents/on/order/{$order->id}", [])->assertForbidden();
});

it('tells the floor of stops of the failure that was mended, corrects it, and drops it where it was none', function () {
    $plant = Plant::build();
    $this->as('supervisor')->post('/orders/finished', done($plant))->assertSessionHasNoErrors();
    $order = WorkOrder::query()->sole();
    $kept = static fn (): array => DB::table('failures')
        ->get(['asset_id', 'failed_at', 'restored_at', 'label'])
        ->map(static fn (stdClass $row): array => array_values((array) $row))
        ->all();
    $span = [$plant->pump->id, '2026-03-18 06:30:00.000000', '2026-03-18 08:00:00.000000', $order->label()];
    expect($kept())->toBe([$span]);
    $words = ['mode' => 'leaks outside', 'cause' => 'age and use', 'action' => 'replaced'];
    $this->put("/orders/{$order->id}/failure", $words + ['failed_at' => '2026-03-18T05:00'])
        ->assertSessionHasNoErrors();
    expect($kept()[0][1])->toBe('2026-03-18 05:00:00.000000');
    $this->post("/orders/{$order->id}/reopen", ['reason' => 'It leaks again'])->assertSessionHasNoErrors();
    expect($kept())->toBe([]);
    $this->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00', 'it_is_right' => 1])
        ->assertSessionHasNoErrors();
    expect($kept()[0][2])->toBe('2026-03-18 08:00:00.000000');
    $this->put("/orders/{$order->id}/failure", ['is_none' => 1, 'none_because' => 'The gauge was wrong']);
    expect($kept())->toBe([]);
});

it('asks before it takes a day that would move dates which nobody meant to move', function (
    string $now,
    string $done,
    string $says,
) {
    $plant = Plant::build();
    $schedule = $plant->schedule(['anchor_on' => '2026-03-20', 'every' => 30]);
    $first = $plant->through($plant->release(), 'start');
    $this->as('supervisor')->post("/orders/{$first->id}/finish", [
        'finished_at' => '2026-03-18T07:00',
        'it_is_right' => 1,
    ]);
    $this->clock->set('2026-04-15 08:00:00');
    $order = $plant->through($plant->release(), 'start');
    $this->clock->set("{$now} 12:00:00");
    $finish = ['finished_at' => "{$done}T08:00"];
    $this->as('supervisor')->from("/orders/{$order->id}")->post("/orders/{$order->id}/finish", $finish);
    expect(session('errors')->first('finished_at'))->toContain($says)->toContain('If it is right, say so below');
    expect($order->refresh()->finished_at)->toBeNull();
    $this->post("/orders/{$order->id}/finish", $finish + ['it_is_right' => 1])->assertSessionHasNoErrors();
    expect($order->refresh()->finished_at)->toStartWith($done)
        ->and($schedule->refresh()->last_done_on)
        ->toBe($done);
})->with([
    'before the visit before' => ['2026-04-15', '2026-03-17', 'the visit before it was done on 18 Mar, after that'],
    'before the order was made' => ['2026-04-15', '2026-04-10', 'the order was made on'],
    'months after its day' => ['2026-07-20', '2026-07-18', 'far from that'],
]);
