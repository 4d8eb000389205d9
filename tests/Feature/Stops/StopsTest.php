<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\MergeAssets;
use App\Stops\Actions\ReportDown;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

it('opens and ends a stop, and shows that an asset is down wherever it is listed', function () {
    $plant = Plant::build();
    $this->as('technician')
        ->post("/assets/{$plant->pump->id}/down", ['stop_reason' => 'seal burst', 'from_at' => '2026-03-18T07:30'])
        ->assertRedirect("/assets/{$plant->pump->id}#stops");
    $this->get("/assets/{$plant->pump->id}")
        ->assertSeeInOrder(['It runs again', 'Down', 'today 07:30', 'seal burst'])
        ->assertSee('30 min');
    $this->get('/assets')->assertSee('down');
    $this->as('manager')
        ->get('/today')
        ->assertSeeInOrder(['Down now', 'Feed pump 1', 'down for 30 min, seal burst'])
        ->assertDontSee('It is down');
    $this->as('technician')
        ->post("/assets/{$plant->pump->id}/down", ['stop_reason' => 'again'])
        ->assertSessionHasErrors('down');
    $this->post("/assets/{$plant->pump->id}/running", ['to_at' => '2026-03-18T07:00'])->assertSessionHasErrors(
        'to_at',
    );
    $this->post("/assets/{$plant->pump->id}/running", [
        'to_at' => '2026-03-18T07:50',
        'run_note' => 'seal changed',
    ])->assertSessionHasNoErrors();
    $this->post("/assets/{$plant->pump->id}/running", [])->assertSessionHasErrors('down');
    $this->as('technician')
        ->get("/assets/{$plant->pump->id}")
        ->assertSeeInOrder(['seal burst', 'seal changed', '20 min'])
        ->assertSee('runs again, after 20 min');
    expect(DB::table('asset_summaries')->where('asset_id', $plant->pump->id)->value('down_since'))->toBeNull();
    $this->post("/assets/{$plant->pump->id}/down", [
        'stop_reason' => 'x',
        'from_at' => '2026-03-18T07:40',
    ])->assertSessionHasErrors('from_at');
    $this->post("/assets/{$plant->pump->id}/down", [
        'stop_reason' => '',
        'from_at' => '2026-03-18T11:40',
    ])->assertSessionHasErrors('stop_reason');
});

it('lets an operator stop the machines of their own line, and no others', function () {
    $plant = Plant::build();
    $this->as('operator')
        ->post("/assets/{$plant->pump->id}/down", ['stop_reason' => 'jam'])
        ->assertForbidden();
    DB::table('location_operators')->insert([
        'location_id' => $plant->hall->id,
        'user_id' => $plant->person('operator')->id,
    ]);
    $this->as('operator')
        ->post("/assets/{$plant->pump->id}/down", ['stop_reason' => 'jam'])
        ->assertRedirect();
    $this->as('manager')
        ->post("/assets/{$plant->pump->id}/running")
        ->assertForbidden();
});

it('takes stops along when two assets are merged', function () {
    $plant = Plant::build();
    $twin = $plant->asset('P-9', 'Feed pump one', 'HALL');
    app(ReportDown::class)(Actor::sundial(), $twin, $this->clock->now(), StopSaid::because('seal'));
    app(ReportDown::class)(Actor::sundial(), $plant->pump, $this->clock->now(), StopSaid::because('seal'));
    expect(fn () => app(MergeAssets::class)(Actor::sundial(), $plant->pump, $twin))->toThrow(
        InvalidInput::class,
        'Both are down',
    );
    $this->as('planner')->post("/assets/{$plant->pump->id}/running");
    app(MergeAssets::class)(Actor::sundial(), $plant->pump, $twin);
    expect(Stop::query()->where('asset_id', $plant->pump->id)->count())
        ->toBe(2)
        ->and(DB::table('asset_summaries')->whereNotNull('down_since')->pluck('asset_id')->all())
        ->toBe([$plant->pump->id]);
});
