<?php

declare(strict_types=1);

use App\Stops\Actions\SayWhy;
use App\Stops\Models\ProductRun;
use App\Stops\Models\Stop;
use App\Stops\Models\StopReason;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Sundial\Stops\StopKind;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;
use Tests\TestCase;

/** @param  array{string, string, int|null}  ...$signals  time of 18 March, state, counter */
function signal(TestCase $test, Plant $plant, array ...$signals): TestResponse
{
    $token = $plant->person('technician')->createToken('line', ['read', 'write'])->plainTextToken;
    app('auth')->forgetGuards();

    return $test->withHeader('Authorization', "Bearer {$token}")->postJson('/api/v1/line-signals', [
        'site' => $plant->site->code,
        'line' => 'PMP-01',
        'signals' => array_map(static fn (array $one): array => [
            'at' => (str_contains($one[0], 'T') ? '' : '2026-03-18T')."{$one[0]}Z",
            'state' => $one[1],
            'counter' => $one[2],
        ], $signals),
    ]);
}

/** @return list<array{string, string|null}> */
function stopsBySignals(): array
{
    return array_values(Stop::standing()->orderBy('from_at')->get()->map(static fn (Stop $one): array => [
        mb_substr($one->from_at, 11, 8),
        $one->to_at === null ? null : mb_substr($one->to_at, 11, 8),
    ])->all());
}

it('makes stops and output of signals, in any order and however often they come', function () {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $early = [['06:00:00', 'running', 0], ['06:20:00', 'idle', 18], ['06:30:00', 'running', 18]];
    $late = [
        ['07:00:00', 'running', 45],
        ['07:30:00', 'idle', 70],
        ['07:45:00', 'running', 70],
        ['07:59:00', 'running', 83],
    ];
    signal($this, $plant, ...$late)->assertCreated()->assertJsonPath('taken', 4);
    expect(stopsBySignals())->toBe([['07:30:00', '07:45:00']]);
    signal($this, $plant, ...$early)->assertCreated();
    signal($this, $plant, ...$late, ...$early)->assertJsonPath('taken', 0)->assertJsonPath('known', 7);
    expect(stopsBySignals())
        ->toBe([['06:20:00', '06:30:00'], ['07:30:00', '07:45:00']])
        ->and((int) DB::table('line_counts')->sum('pieces'))
        ->toBe(83)
        ->and((int) ProductRun::query()->sum('total'))
        ->toBe(83);
    $shift = $floor->shift('2026-03-18');
    expect([$shift->run_s / 60, $shift->ideal_s])->toBe([94.0 + 1 / 60, '4980.000000']);

    // A late signal says that it ran between.
    signal($this, $plant, ['07:35:00', 'running', 72], ['07:36:00', 'idle', 73])->assertCreated();
    expect(stopsBySignals())
        ->toBe([['06:20:00', '06:30:00'], ['07:30:00', '07:35:00'], ['07:36:00', '07:45:00']])
        ->and((int) ProductRun::query()->sum('total'))
        ->toBe(83 + 73, 'the counter shows less than before: it began anew');
});

it('leaves alone what a person said, and goes on from it', function () {
    $plant = Plant::build();
    LineFloor::of($plant);
    signal($this, $plant, ['07:00:00', 'running', 0], ['07:10:00', 'idle', 9], ['07:30:00', 'running', 9]);
    app(SayWhy::class)($plant->person('technician')->actor(), Stop::query()->sole(), 'Jam');
    signal($this, $plant, ['07:12:00', 'running', 9], ['07:29:00', 'idle', 9]);
    expect(Stop::standing()->where('kind', StopKind::Failure)->count())->toBe(1);
    signal($this, $plant, ['07:40:00', 'idle', 20]);
    $this->clock->set('2026-03-18 08:10:00');
    signal($this, $plant, ['08:09:00', 'running', 40]);
    expect(Stop::standing()->where('from_at', '2026-03-18 07:40:00')->value('to_at'))
        ->toBe('2026-03-18 08:09:00.000000');
    expect(StopReason::query()->count())->toBe(3);
});

it('strikes out a stop of which signals that come later say that it ran, unless somebody said why', function () {
    $plant = Plant::build();
    LineFloor::of($plant);
    $idle = static fn (string $hour): array => [["{$hour}:10:00", 'idle', null], ["{$hour}:30:00", 'running', null]];
    $ran = static fn (string $hour): array => [["{$hour}:10:40", 'running', null], ["{$hour}:29:30", 'idle', null]];
    signal($this, $plant, ...$idle('06'));
    signal($this, $plant, ...$idle('07'));
    expect(stopsBySignals())->toBe([['06:10:00', '06:30:00'], ['07:10:00', '07:30:00']]);
    $said = Stop::standing()->where('from_at', '2026-03-18 06:10:00')->sole();
    app(SayWhy::class)($plant->person('technician')->actor(), $said, 'Jam');
    signal($this, $plant, ...$ran('06'));
    signal($this, $plant, ...$ran('07'));
    $struck = Stop::query()->whereNotNull('struck_at')->sole();
    expect(stopsBySignals())
        ->toBe([['06:10:00', '06:30:00']])
        ->and([$struck->from_at, $struck->struck_who, $struck->struck_because])
        ->toBe(['2026-03-18 07:10:00.000000', 'signals', 'signals that came later say that it ran'])
        ->and((int) DB::table('stop_days')->sum('seconds'))
        ->toBe(1200);
});

it('stands below a share of its slowest rate, where the line says so', function () {
    $plant = Plant::build();
    $line = LineFloor::of($plant)->line;
    // A piece a minute is ideal: below half of one it stands, though it says that it runs.
    $slow = [['06:00:00', 'running', 0], ['06:20:00', 'running', 20], ['06:40:00', 'running', 29]];
    signal($this, $plant, ...$slow)->assertCreated();
    expect(stopsBySignals())->toBe([]);
    $line->update(['lowest_percent' => 50]);
    signal($this, $plant, ['06:50:00', 'running', 40]);
    expect(stopsBySignals())->toBe([['06:20:00', '06:40:00']]);
});

it('keeps a stop that is over while later signals come, far apart', function () {
    $plant = Plant::build();
    LineFloor::of($plant);
    signal($this, $plant, ['06:00:00', 'running', 0], ['06:10:00', 'idle', 9], ['06:15:10', 'running', 9]);
    foreach (['06:16:20', '06:20:00', '06:40:00', '07:10:00'] as $i => $at) {
        signal($this, $plant, [$at, 'running', 10 + $i]);
    }
    expect(stopsBySignals())->toBe([['06:10:00', '06:15:10']])->and(Stop::query()->count())->toBe(1);
});

it('counts the day anew from which a late signal moved the beginning of a stop', function () {
    $plant = Plant::build();
    LineFloor::of($plant);
    signal(
        $this,
        $plant,
        ['2026-03-17T23:00:00', 'running', 0],
        ['2026-03-17T23:10:00', 'idle', 9],
        ['00:40:00', 'running', 9],
    );
    signal($this, $plant, ['2026-03-17T23:11:00', 'running', 9], ['00:20:00', 'idle', 9]);
    expect(stopsBySignals())
        ->toBe([['00:20:00', '00:40:00']])
        ->and((int) DB::table('stop_days')->sum('seconds'))
        ->toBe(1200);
});

it('leaves output alone that came by another way', function (string $source) {
    $plant = Plant::build();
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-18');
    DB::table('product_runs')->insert([
        'record_id' => $shift->id,
        'product_id' => $floor->product->id,
        'from_at' => '2026-03-18 06:00:00',
        'to_at' => '2026-03-18 08:00:00',
        'ideal_seconds' => 60,
        'total' => 90,
        'source' => $source,
    ]);
    signal($this, $plant, ['06:00:00', 'running', 0], ['07:00:00', 'running', 50]);
    expect($shift->runs()->sole()->total)->toBe(90);
})->with(['person', 'file', 'api']);

it('refuses what is no signal, and says which', function (array $body, string $field) {
    $plant = Plant::build();
    LineFloor::of($plant);
    $token = $plant->person('technician')->createToken('line', ['read', 'write'])->plainTextToken;
    app('auth')->forgetGuards();
    $good = ['at' => '2026-03-18T07:00:00Z', 'state' => 'running', 'counter' => 1];
    $sent = array_replace_recursive(['site' => $plant->site->code, 'line' => 'PMP-01', 'signals' => [$good]], $body);
    $refused = $this->withHeader('Authorization', "Bearer {$token}")->postJson('/api/v1/line-signals', $sent);
    expect(array_keys($refused->assertStatus(422)->json('errors')))
        ->toBe([$field])
        ->and(DB::table('line_signals')->count())
        ->toBe(0);
})->with([
    'no line' => [['line' => 'NONE'], 'line'],
    'no zone' => [['signals' => [['at' => '2026-03-18 07:00']]], 'signals.0.at'],
    'ahead of now' => [['signals' => [['at' => '2026-03-18T09:00:00Z']]], 'signals.0.at'],
    'no state' => [['signals' => [['state' => 'tired']]], 'signals.0.state'],
    'no number' => [['signals' => [['counter' => '7']]], 'signals.0.counter'],
    'no product' => [['signals' => [['product' => 'X']]], 'signals.0.product'],
]);
