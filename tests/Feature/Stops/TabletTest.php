<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Stops\Actions\SignTabletIn;
use App\Stops\Models\MaintenanceCall;
use App\Stops\Models\ShortStop;
use App\Stops\Models\Stop;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Sundial\Stops\StopKind;
use Sundial\Work\OrderState;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;
use Tests\TestCase;

/** @param  array<string, mixed>  ...$acts */
function press(TestCase $test, string $secret, array ...$acts): TestResponse
{
    $now = $test->clockNow() * 1000;

    return $test->withCredentials()->withCookie('line_tablet', $secret)->postJson('/tablet/acts', [
        'now' => $now,
        'acts' => array_map(static fn (array $act): array => $act + [
            'id' => (string) Str::uuid(),
            'at' => $now - 1000 * ($act['ago'] ?? 0),
        ], $acts),
    ]);
}

beforeEach(function () {
    $this->plant = Plant::build();
    $this->floor = LineFloor::of($this->plant);
    $this->secret = app(SignTabletIn::class)(Actor::sundial(), $this->floor->line, 'Tablet by the pump');
});

it('takes presses in their order and once, as long ago as they were', function () {
    $down = (string) Str::uuid();
    $acts = [
        ['id' => $down, 'what' => 'down', 'ago' => 1200],
        ['id' => (string) Str::uuid(), 'what' => 'runs', 'ago' => 600],
        [
            'id' => (string) Str::uuid(),
            'what' => 'why',
            'words' => 'Jam',
            'note' => 'bolt',
            'of' => $down,
            'ago' => 590,
        ],
    ];
    press($this, $this->secret, ...$acts)->assertOk()->assertJsonPath('answers.2.refused', null);
    press($this, $this->secret, ...$acts)->assertOk()->assertJsonPath('answers.0.refused', null);
    $stop = Stop::query()->sole();
    expect([$stop->from_at, $stop->to_at, $stop->kind, $stop->source, $stop->note, $stop->opened_who])->toBe([
        '2026-03-18 07:40:00.000000',
        '2026-03-18 07:50:00.000000',
        StopKind::Failure,
        'tablet',
        'bolt',
        'Tablet by the pump',
    ]);
    press($this, $this->secret, ['what' => 'runs'])
        ->assertJsonPath('answers.0.refused', 'Feed pump 1 runs already.')
        ->assertJsonPath('state.down', false);
    press($this, $this->secret, ['what' => 'short', 'stops' => 12, 'seconds' => 540, 'words' => 'Jam']);
    expect(ShortStop::query()->sole()->seconds)->toBe(540);
});

it('hangs a photo on the stop that it was taken of', function () {
    $file = tempnam(sys_get_temp_dir(), 'photo');
    imagejpeg(imagecreatetruecolor(60, 40), $file);
    $photo = base64_encode((string) file_get_contents($file));
    unlink($file);
    press($this, $this->secret, ['what' => 'photo', 'photo' => $photo])
        ->assertJsonPath('answers.0.refused', 'There is no stop that the photo could be of.');
    $down = (string) Str::uuid();
    press(
        $this,
        $this->secret,
        ['id' => $down, 'what' => 'down', 'ago' => 1200],
        ['what' => 'runs', 'ago' => 600],
        ['what' => 'down', 'ago' => 60],
        ['what' => 'photo', 'photo' => $photo, 'of' => $down],
        ['what' => 'photo', 'photo' => 'no photo at all'],
    )
        ->assertJsonPath('answers.3.refused', null)
        ->assertJsonPath('answers.4.refused', 'This is no photo that can be read. Take another.');
    [$first, $second] = Stop::query()->orderBy('from_at')->get()->all();
    $named = 'Feed pump 1 2026-03-18 08.00.jpg';
    $this->as('technician');
    $this->get("/stops/{$first->id}")->assertOk()->assertSee($named);
    $this->get("/stops/{$second->id}")->assertOk()->assertDontSee($named);
});

it('is of one line alone, until it is revoked', function () {
    $this->get('/tablet')->assertForbidden()->assertSee('not signed in');
    $this->get('/tablet/wrong')->assertForbidden();
    $this->get("/tablet/{$this->secret}")->assertRedirect('/tablet')->assertCookie('line_tablet', $this->secret);
    $this->withCookie('line_tablet', $this->secret)->get('/tablet')->assertOk()->assertSee('Feed pump 1');
    press($this, $this->secret, ['what' => 'down', 'asset' => $this->plant->hall->id + 999])
        ->assertJsonPath('answers.0.refused', 'This machine does not belong to the line.');
    press($this, $this->secret, ['what' => 'down', 'asset' => $this->plant->motor->id]);
    expect(Stop::query()->sole()->asset_id)->toBe($this->plant->motor->id);
    $tablet = (int) DB::table('line_tablets')->value('id');
    $this->as('planner')->post("/tablets/{$tablet}/revoke")->assertSessionHasNoErrors();
    press($this, $this->secret, ['what' => 'runs'])->assertForbidden()->assertJsonPath('closed', true);
});

it('calls maintenance: an order by itself, who comes, arrived, over when it runs', function () {
    press($this, $this->secret, ['what' => 'down', 'ago' => 60], ['what' => 'call', 'words' => 'it squeals']);
    press($this, $this->secret, ['what' => 'call'])
        ->assertJsonPath('answers.0.refused', 'Maintenance is called already, and the call stands.');
    $call = MaintenanceCall::query()->sole();
    $order = WorkOrder::query()->sole();
    expect([$order->title, $order->state, $order->asset_id, $call->subject_label, Stop::query()->sole()->subject_id])
        ->toBe(['Called: it squeals', OrderState::Approved, $this->plant->pump->id, $order->label(), $order->id]);
    $this->as('technician')->get('/today')->assertSee('Lines that call')->assertSee('nobody comes yet');
    $this->post("/calls/{$call->id}/come")->assertSessionHasNoErrors();
    $this->withCookie('line_tablet', $this->secret)->getJson('/tablet/state')
        ->assertJsonPath('call.comes', $this->plant->person('technician')->name);
    press($this, $this->secret, ['what' => 'arrived'], ['what' => 'runs']);
    $call->refresh();
    expect([$call->arrived_at, $call->over_at])->toBe(['2026-03-18 08:00:00.000000', '2026-03-18 08:00:00.000000']);
    $this->post("/calls/{$call->id}/come")->assertSessionHasErrors('call');
});

it('asks which machine caused what is starved or blocked', function () {
    $this->withCredentials()->withCookie('line_tablet', $this->secret)->getJson('/tablet/state')
        ->assertJsonPath('elsewhere', ['No yarn'])
        ->assertJsonPath('machines.0.name', 'Motor of feed pump 1');
    $down = (string) Str::uuid();
    press(
        $this,
        $this->secret,
        ['id' => $down, 'what' => 'down', 'ago' => 300],
        ['what' => 'runs', 'ago' => 100],
        ['what' => 'why', 'words' => 'No yarn', 'of' => $down, 'cause' => $this->plant->motor->id],
    )->assertJsonPath('answers.2.refused', null);
    expect(Stop::query()->sole()->cause_asset_id)->toBe($this->plant->motor->id);
});

it('ends a call when the part that stood runs again', function () {
    $motor = $this->plant->motor->id;
    press($this, $this->secret, ['what' => 'down', 'asset' => $motor, 'ago' => 60], ['what' => 'call']);
    press($this, $this->secret, ['what' => 'runs']);
    expect(MaintenanceCall::query()->sole()->over_at)->not->toBeNull();
});

it('calls from the desk too, and ends the call there with a reason', function () {
    $shift = $this->floor->shift('2026-03-18');
    $line = $this->floor->line->id;
    $this->as('technician')->get("/shifts/{$shift->id}")->assertSee("/lines/{$line}/calls", false);
    $this->post("/lines/{$line}/calls", ['call_words' => 'it squeals'])->assertSessionHasNoErrors();
    $call = MaintenanceCall::query()->sole();
    $this->get("/shifts/{$shift->id}")->assertSee('it squeals')->assertSee("/calls/{$call->id}/end", false);
    $this->post("/calls/{$call->id}/end")->assertSessionHasErrors('because');
    $this->post("/calls/{$call->id}/end", ['because' => 'it stopped'])->assertSessionHasNoErrors();
    expect($call->refresh()->over_at)->not->toBeNull();
    press($this, $this->secret, ['what' => 'short', 'stops' => 12, 'seconds' => 540, 'words' => 'Jam']);
    $this->get("/shifts/{$shift->id}")->assertSee('12 short stops from 08:00')->assertSee('Strike these out');
});
