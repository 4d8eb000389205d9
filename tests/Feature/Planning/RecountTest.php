<?php

declare(strict_types=1);

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Actions\Moves\StartWorkOrder;
use App\Work\Models\WorkOrder;
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

/** A schedule by date and counter whose first visit is done, and whose second is in hand of the order given. */
function secondInHand(Plant $plant, Meter $meter): array
{
    $schedule = $plant->schedule(['meter_id' => $meter->id, 'usage_every' => '50', 'anchor_on' => '2026-03-18']);
    $finish = static function (string $at) use ($plant): WorkOrder {
        $order = $plant->through($plant->release(), 'start');
        test()
            ->as('supervisor')
            ->post("/orders/{$order->id}/finish", ['finished_at' => $at, 'it_is_right' => 1])
            ->assertSessionHasNoErrors();

        return $order->refresh();
    };
    $first = $finish('2026-03-18T07:30');
    app(Clock::class)->set('2026-04-20 08:00:00');

    return [$schedule, $plant->release(), $first];
}

it('counts what was done last from the readings that stand, once the visit after it was given back', function (
    bool $isStruckBefore,
) {
    $plant = Plant::build();
    $meter = $plant->meter();
    // Far above what the weeks before it say: without it, its hours at the first visit were others.
    $plant->read($meter, '1490', '2026-03-18', 'confirmed');
    [$schedule, $order] = secondInHand($plant, $meter);
    $due = $schedule->refresh()->standing->usage_due;
    $last = Reading::query()->where('meter_id', $meter->id)->orderByDesc('at')->firstOrFail();
    $strike = fn () => $this->as('planner')
        ->post("/readings/{$last->id}/strike", ['reason' => 'mistyped'])
        ->assertSessionHasNoErrors();
    $cancel = fn () => $this->as('supervisor')
        ->post("/orders/{$order->id}/cancel", ['reason' => 'not now', 'visits' => 'give back'])
        ->assertSessionHasNoErrors();
    $isStruckBefore ? $strike() : $cancel();
    if ($isStruckBefore) {
        expect($schedule->refresh()->standing->usage_due)
            ->toBe($due, 'what is in hand stays as it was released')
            ->and(Artisan::call('schedules:recount'))
            ->toBe(0, Artisan::output());
    }
    $isStruckBefore ? $cancel() : $strike();
    expect($schedule->refresh()->standing->usage_due)
        ->not->toBe($due)
        ->and(Artisan::call('schedules:recount'))
        ->toBe(0, Artisan::output());
    // The same number is released again, and is done.
    $again = $plant->through($plant->release(), 'start');
    $this->as('supervisor')
        ->post("/orders/{$again->id}/finish", ['finished_at' => '2026-04-20T07:30', 'it_is_right' => 1])
        ->assertSessionHasNoErrors();
    expect(Artisan::call('schedules:recount'))
        ->toBe(0, Artisan::output())
        ->and(DB::table('visits')->where('schedule_id', $schedule->id)->where('state', 'done')->count())
        ->toBe(2);
})->with(['struck while the next is in hand' => [true], 'struck after it was given back' => [false]]);

it('stands as before a visit whose order is reopened, though the next one was released and given back', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    [$schedule, $next, $first] = secondInHand($plant, $meter);
    $this->as('supervisor')
        ->post("/orders/{$next->id}/cancel", ['reason' => 'not now', 'visits' => 'give back'])
        ->assertSessionHasNoErrors();
    $this->post("/orders/{$first->id}/reopen", ['reason' => 'not tight'])->assertSessionHasNoErrors();
    expect((string) $schedule->refresh()->standing->in_hand)
        ->toContain($first->label())
        ->and($schedule->standing->next_number)
        ->toBe(1)
        ->and(Artisan::call('schedules:recount'))
        ->toBe(0, Artisan::output());
    $this->post("/orders/{$first->id}/finish", ['finished_at' => '2026-04-20T07:30', 'it_is_right' => 1])
        ->assertSessionHasNoErrors();
    expect($schedule->refresh()->standing->next_number)
        ->toBeGreaterThan(1)
        ->and(Artisan::call('schedules:recount'))
        ->toBe(0, Artisan::output());
});
