<?php

declare(strict_types=1);

use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Standing\FinishPastMonths;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** A standing order for small jobs of the fitters, or of everybody. */
function standing(Plant $plant, bool $forTeam = false): int
{
    test()->as('administrator')->post('/setup/standing-orders', [
        'title' => $forTeam ? 'Small jobs of fitters' : 'Small jobs',
        'type' => 'corrective',
        'team_id' => $forTeam ? $plant->teamId : '',
    ])->assertSessionHasNoErrors();

    return (int) DB::table('standing_orders')->max('id');
}

it('books small jobs by asset on one order a month, made with the first of them', function () {
    $plant = Plant::build();
    $job = ['standing' => standing($plant), 'day' => '2026-03-18', 'time' => '20 min'];
    $this->as('technician')->get('/small-job')->assertOk()->assertSee('Small job');
    $this->post('/small-job', $job + ['asset' => 'PMP-01', 'note' => 'Tightened the gland'])
        ->assertSessionHasNoErrors();
    $this->post('/small-job', $job + ['asset' => 'pmp-01-m', 'part' => 'Screw', 'price' => '0.20', 'quantity' => '3']);
    $this->post('/small-job', $job + ['asset' => 'PMP-01']);
    $order = WorkOrder::query()->sole();
    expect([$order->title, $order->state->value])
        ->toBe(['Small jobs, 2026-03', 'under way'])
        ->and(DB::table('cost_entries')->where('asset_id', $plant->pump->id)->sum('cents'))
        ->toEqual(2400)
        ->and(DB::table('cost_entries')->where('asset_id', $plant->motor->id)->sum('cents'))
        ->toEqual(1200 + 60);
    $this->get('/small-job')->assertSee('Tightened the gland');
    // Of last month there is another.
    $this->post('/small-job', ['day' => '2026-02-27'] + $job + ['asset' => 'PMP-01']);
    expect(WorkOrder::query()->orderBy('id')->pluck('standing_month')->all())->toBe(['2026-03', '2026-02']);
});

it('is finished when its month is over, told no failure, and takes no hours once it is closed', function () {
    $plant = Plant::build();
    $job = ['standing' => standing($plant), 'day' => '2026-03-18', 'time' => '1 h', 'asset' => 'PMP-01'];
    $this->as('technician')->post('/small-job', $job);
    $order = WorkOrder::query()->sole();
    expect(app(FinishPastMonths::class)($plant->site->id))->toBe(0);
    $this->clock->set('2026-04-01 05:00:00');
    expect(app(FinishPastMonths::class)($plant->site->id))
        ->toBe(1)
        ->and(app(FinishPastMonths::class)($plant->site->id))
        ->toBe(0)
        ->and($order->refresh()->state->value)
        ->toBe('done')
        ->and(DB::table('failures')->count())
        ->toBe(0);
    $this->post('/small-job', ['day' => '2026-03-31', 'time' => '30 min'] + $job)->assertSessionHasNoErrors();
    app(CloseWorkOrder::class)($plant->person('supervisor')->actor(), $order);
    $this->post('/small-job', ['day' => '2026-03-30'] + $job)->assertSessionHasErrors('day');
    expect((int) DB::table('cost_entries')->sum('cents'))->toBe(3600 + 1800);
});

it('names what is wrong with a small job, and books nothing', function (array $with, string $field) {
    $plant = Plant::build();
    $job = ['standing' => standing($plant), 'day' => '2026-03-18', 'time' => '1 h', 'asset' => 'PMP-01'];
    $this->as('technician')->post('/small-job', $with + $job)->assertSessionHasErrors($field);
    expect(WorkOrder::query()->count() + DB::table('bookings')->count())->toBe(0);
})->with([
    [['asset' => 'X-1'], 'asset'],
    [['time' => 'long'], 'time'],
    [['day' => '2026-03-19'], 'worked_on'],
    [['standing' => 99], 'standing'],
    [['part' => 'Nothing'], 'part'],
    [['person' => 1], 'person'],
]);

it('is booked on by its team alone, and offered no more once it is retired', function () {
    $plant = Plant::build();
    $id = standing($plant, true);
    $job = ['standing' => $id, 'day' => '2026-03-18', 'time' => '1 h', 'asset' => 'PMP-01'];
    DB::table('team_users')->where('user_id', $plant->person('technician')->id)->delete();
    $this->as('technician')->get('/small-job')->assertSee('No standing order is offered');
    $this->post('/small-job', $job)->assertSessionHasErrors('standing');
    $this->as('supervisor')
        ->post('/small-job', $job + ['person' => $plant->person('technician')->id])
        ->assertSessionHasNoErrors();
    $again = ['title' => 'Small jobs of fitters', 'type' => 'corrective'];
    $this->as('administrator')->post('/setup/standing-orders', $again)->assertSessionHasErrors('title');
    $this->delete("/setup/standing-orders/{$id}")->assertSessionHasNoErrors();
    $this->as('supervisor')->post('/small-job', $job)->assertSessionHasErrors('standing');
});
