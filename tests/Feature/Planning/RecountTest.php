<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

/** A plant with schedules that were done, moved, skipped and paused. */
function worked(): Plant
{
    $plant = Plant::build();
    $meter = $plant->meter();
    foreach ([0, 50, 100] as $share) {
        $plant->schedule(['name' => "Share {$share}", 'late_share' => $share, 'every' => 30 + $share]);
    }
    $plant->schedule(['name' => 'Hours', 'meter_id' => $meter->id, 'usage_every' => '30', 'late_share' => 50]);
    $plant->release();
    foreach (App\Work\Models\WorkOrder::query()->orderBy('id')->limit(3)->get() as $order) {
        app(FinishWorkOrder::class)(
            Actor::sundial(),
            app(StartWorkOrder::class)(Actor::sundial(), $order),
            new DateTimeImmutable('2026-03-18 07:30:00', new DateTimeZone('UTC')),
        );
    }

    return $plant;
}

it('counts every schedule from what was recorded to where it stands', function () {
    worked();
    expect(Artisan::call('schedules:recount'))
        ->toBe(0)
        ->and(trim(Artisan::output()))
        ->toBe('4 schedules stand as counted.');
});

it('says what stood otherwise, and stands it as counted', function (Closure $break, string $column) {
    worked();
    $schedule = Schedule::query()->where('name', 'Share 50')->sole();
    $before = $schedule->standing->getAttributes();
    $break($schedule->id);
    expect(Artisan::call('schedules:recount'))
        ->toBe(1)
        ->and(Artisan::output())
        ->toContain("{$schedule->id} Share 50: {$column}")
        ->toContain('1 of 4 schedules stood otherwise.')
        ->and(Artisan::call('schedules:recount', ['--mend' => true]))
        ->toBe(0)
        ->and(Artisan::call('schedules:recount'))
        ->toBe(0, Artisan::output())
        ->and(Schedule::query()->findOrFail($schedule->id)->standing->next_due_on)
        ->toBe($before['next_due_on']);
})->with([
    'a date' => [
        fn (int $id) => DB::table('schedule_standings')
            ->where('schedule_id', $id)
            ->update(['next_due_on' => '2026-12-24']),
        'next_due_on',
    ],
    'how near it is' => [
        fn (int $id) => DB::table('schedule_standings')->where('schedule_id', $id)->update(['nearness' => 'late']),
        'nearness',
    ],
    'all of it' => [
        fn (int $id) => DB::table('schedule_standings')->where('schedule_id', $id)->delete(),
        'state',
    ],
    'its state' => [
        fn (int $id) => DB::table('schedule_standings')->where('schedule_id', $id)->update([
            'state' => DB::raw("JSON_SET(state, '$.calendar.point', '2026-12-24', '$.number', 9)"),
        ]),
        'state',
    ],
]);

it('keeps every rule with its number, and what was decided by hand with the state to which it led', function () {
    $plant = Plant::build();
    $schedule = $plant->schedule(['every' => 30]);
    $this->as('planner');
    foreach ([['every' => 45], ['every' => 45, 'name' => 'Renamed']] as $with) {
        $this->put("/schedules/{$schedule->id}", ['version' => $schedule->refresh()->version] + $plant->fields($with))
            ->assertSessionHasNoErrors();
    }
    $this->post("/schedules/{$schedule->id}/skip", [
        'version' => $schedule->refresh()->version,
        'skip_reason' => 'line stands',
    ])->assertSessionHasNoErrors();
    $rules = DB::table('schedule_rules')->where('schedule_id', $schedule->id)->orderBy('number');
    $decided = DB::table('schedule_decisions')->where('schedule_id', $schedule->id)->orderBy('id');
    expect($rules->pluck('agreed', 'number')->map(fn (string $rule): int => json_decode($rule, true)['every'])->all())
        ->toBe([1 => 30, 2 => 45])
        ->and($decided->pluck('what')->all())
        ->toBe(['begin', 'rule', 'skip'])
        ->and($decided->pluck('who')->unique()->values()->all())
        ->toBe(['Sundial', $plant->person('planner')->name])
        ->and(json_decode($decided->pluck('state')->last(), true))
        ->toEqual($schedule->refresh()->standing->state);
});

it('leaves a visit in hand as it was released, whatever its counter says since', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $schedule = $plant->schedule(['meter_id' => $meter->id, 'usage_every' => '400']);
    $plant->release();
    expect($schedule->refresh()->standing->isInHand())->toBeTrue();
    $plant->read($meter, '2400', '2026-03-18', 'confirmed');
    expect(Artisan::call('schedules:recount'))->toBe(0, Artisan::output());
    // What stands otherwise for another reason is said all the same.
    DB::table('schedule_standings')->where('schedule_id', $schedule->id)->update(['usage_due' => '7.000']);
    expect(Artisan::call('schedules:recount'))->toBe(1);
});
