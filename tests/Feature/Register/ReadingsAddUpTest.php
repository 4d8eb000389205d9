<?php

declare(strict_types=1);

use App\Platform\Audit\Actor;
use App\Register\Actions\SaveMeter;
use App\Register\Actions\StrikeReading;
use App\Register\Actions\TakeManyReadings;
use App\Register\Actions\TakeReading;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Projections\MeterStanding;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Support\InvalidInput;
use Tests\Feature\Plant;

use function Tests\Core\tries;

/**
 * @return array{array<string, mixed>, array<int, array<string, mixed>>} how a meter stands, and the totals of its
 *     readings
 */
function meterStands(int $id): array
{
    return [
        Arr::except(Meter::query()->findOrFail($id)->getAttributes(), ['updated_at', 'version']),
        DB::table('reading_totals')
            ->where('meter_id', $id)
            ->orderBy('reading_id')
            ->get(['reading_id', 'opens_day', 'total'])
            ->keyBy('reading_id')
            ->map(static fn (stdClass $row): array => (array) $row)
            ->all(),
    ];
}

it('stands after each reading as if all were counted afresh', function (array $with) {
    mt_srand(20261127);
    $plant = Plant::build();
    $meter = app(SaveMeter::class)(Actor::sundial(), null, $plant->pump, MeterInput::of($with));
    $shown = 100;
    $now = new DateTimeImmutable('2026-03-18 08:00:00', new DateTimeZone('UTC'));
    [$struck, $between, $refused] = [0, 0, 0];
    for ($i = tries(1500); $i > 0; $i--) {
        $now = $now->modify('+'.mt_rand(1, 900).' minutes');
        $this->clock->set($now->format('Y-m-d H:i:s'));
        $what = mt_rand(0, 19);
        try {
            if ($what === 0 && Reading::query()->count() > 3) {
                $reading = Reading::query()
                    ->whereNotIn('id', DB::table('reading_strikes')->select('reading_id'))
                    ->inRandomOrder((string) mt_rand())
                    ->first();
                app(StrikeReading::class)(Actor::sundial(), $reading, 'mistyped');
                $struck++;
            } elseif ($what === 1) {
                // One that was written down on paper, and is typed in late.
                app(TakeReading::class)(
                    Actor::sundial(),
                    $meter,
                    (string) max(0, $shown - mt_rand(0, 30)),
                    $now->modify('-'.mt_rand(1, 3000).' minutes'),
                    'confirmed',
                );
                $between++;
            } else {
                $shown += isset($with['kind']) ? mt_rand(-12, 12) : mt_rand(0, 12);
                $turn = 'confirmed';
                if (isset($with['rolls_over_at']) && $shown >= 1000) {
                    [$shown, $turn] = [$shown - 1000, 'rolled over'];
                }
                app(TakeReading::class)(
                    Actor::sundial(),
                    $meter,
                    (string) max(0, $shown),
                    $now,
                    $turn,
                    $what === 2 && ! isset($with['kind']) ? (string) $shown : null,
                );
            }
        } catch (InvalidInput) {
            $refused++;
            // Nothing was counted; the day went on all the same.
            app(MeterStanding::class)->ofTheDay(Meter::query()->findOrFail($meter->id));
        }
        $stands = meterStands($meter->id);
        app(MeterStanding::class)->afresh(Meter::query()->findOrFail($meter->id));
        expect(meterStands($meter->id))->toBe($stands);
        app(MeterStanding::class)->ofTheDay(Meter::query()->findOrFail($meter->id));
        expect(meterStands($meter->id))->toBe($stands);
    }
    expect(min($struck, $between))->toBeGreaterThan(0)->and($refused)->toBeLessThan(tries(1500) / 2);
})->with([
    'a counter' => [['name' => 'Hours', 'unit' => 'h', 'rolls_over_at' => '1000', 'expected_per_year' => '4000']],
    'a counter with a long window' => [['name' => 'Hours', 'unit' => 'h', 'window_days' => '400']],
    'a gauge' => [
        [
            'name' => 'Heat',
            'unit' => '°C',
            'kind' => 'gauge',
            'low_limit' => '40',
            'high_limit' => '120',
            'hysteresis' => '5',
        ],
    ],
]);

it('asks for as much for the last of very many readings as for the tenth', function () {
    $plant = Plant::build();
    $meter = app(SaveMeter::class)(
        Actor::sundial(),
        null,
        $plant->pump,
        MeterInput::of(['name' => 'Hours', 'unit' => 'h']),
    );
    $take = function (int $shown, string $at) use ($meter): int {
        $this->clock->set($at);
        $rows = 0;
        DB::flushQueryLog();
        DB::enableQueryLog();
        app(TakeReading::class)(
            Actor::sundial(),
            $meter,
            (string) $shown,
            new DateTimeImmutable($at, new DateTimeZone('UTC')),
        );
        $rows = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $rows;
    };
    for ($i = 0; $i < 10; $i++) {
        $tenth = $take(100 + $i, sprintf('2026-03-18 08:%02d:00', $i));
    }
    // Ten thousand more, one a minute.
    $first = Reading::query()->orderByDesc('id')->first();
    DB::statement(
        'INSERT INTO readings (meter_id, at, on_day, shown, turn, source, who, taken_at) SELECT ?, '.
            "? + INTERVAL seq MINUTE, DATE(? + INTERVAL seq MINUTE), 109 + seq DIV 60, 'read', 'signal', 'Gateway', ? ".
            'FROM seq_1_to_10000',
        [$meter->id, $first->at, $first->at, $first->at],
    );
    $this->clock->set('2026-03-26 08:00:00');
    app(MeterStanding::class)->afresh(Meter::query()->findOrFail($meter->id));
    $examined = fn (): int => (int) DB::selectOne("SHOW SESSION STATUS LIKE 'Handler_read_next'")->Value +
        (int) DB::selectOne("SHOW SESSION STATUS LIKE 'Handler_read_prev'")->Value;
    // As the database does by itself, but not within a test.
    DB::statement('ANALYZE TABLE reading_totals');
    $before = $examined();
    $last = $take(280, '2026-03-26 08:00:00');
    // The first of a day looks at the days of a year; what follows on that day looks at nothing but the last.
    expect($last)
        ->toBe($tenth + 1)
        ->and($examined() - $before)
        ->toBeLessThan(300);
    $before = $examined();
    expect($take(281, '2026-03-26 08:30:00'))
        ->toBe($tenth)
        ->and($examined() - $before)
        ->toBeLessThan(10);
});

it('stands after a batch as after its readings one by one, late ones and two of a meter among them', function () {
    mt_srand(20261129);
    $plant = Plant::build();
    $meters = array_map(static fn (string $name): Meter => app(SaveMeter::class)(
        Actor::sundial(),
        null,
        $plant->pump,
        MeterInput::of(['name' => $name, 'unit' => 'h', 'expected_per_year' => '4000']),
    ), ['Hours', 'Running', 'Steam']);
    $taken = 0;
    for ($batch = 0; $batch < tries(200); $batch++) {
        $now = new DateTimeImmutable('2026-03-18 08:00:00 +'.($batch * 75).' hours', new DateTimeZone('UTC'));
        $this->clock->set($now->format('Y-m-d H:i:s'));
        foreach ($meters as $meter) {
            app(MeterStanding::class)->ofTheDay($meter->refresh());
        }
        $lines = [];
        for ($i = mt_rand(1, 9); $i > 0; $i--) {
            $before = mt_rand(0, mt_rand(0, 1) === 0 ? 4300 : 200);
            // As the hand of a clock: whatever comes late still lies between those around it.
            $at = $now->modify("-{$before} minutes");
            $shown = intdiv($at->getTimestamp() - 1_770_000_000, 3600);
            $lines[] = ['of' => mt_rand(0, 2), 'at' => $at, 'shown' => $shown];
        }
        // A gateway that was offline for days sends them in their turn.
        mt_rand(0, 1) === 0 || usort($lines, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);
        $take = static fn (array $line): Reading => app(TakeReading::class)(
            Actor::sundial(),
            $meters[$line['of']],
            (string) $line['shown'],
            $line['at'],
            'confirmed',
        )[0];
        $taken += count(app(TakeManyReadings::class)($lines, $take));
        foreach ($meters as $meter) {
            $stands = meterStands($meter->id);
            app(MeterStanding::class)->afresh(Meter::query()->findOrFail($meter->id));
            expect(meterStands($meter->id))->toBe($stands);
        }
    }
    expect(DB::table('reading_totals')->count())->toBe($taken)->toBe(Reading::query()->count());
});

it('counts from the first reading of a day that came in the same batch', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $this->clock->set('2026-03-26 08:00:00');
    $lines = [['2026-03-24 06:00:00', '1520'], ['2026-03-24 18:00:00', '1600'], ['2026-03-26 07:00:00', '1601']];
    app(TakeManyReadings::class)($lines, static fn (array $line): Reading => app(TakeReading::class)(
        Actor::sundial(),
        $meter,
        $line[1],
        new DateTimeImmutable($line[0], new DateTimeZone('UTC')),
        'confirmed',
    )[0]);
    $stands = meterStands($meter->id);
    app(MeterStanding::class)->afresh($meter->refresh());
    expect(meterStands($meter->id))->toBe($stands)->and($stands[0]['fast_units'])->not->toBeNull();
});

it('keeps nothing of a batch of which one reading is refused', function () {
    $plant = Plant::build();
    $meter = $plant->meter();
    $stands = meterStands($meter->id);
    $take = static fn (array $line): Reading => app(TakeReading::class)(
        Actor::sundial(),
        $meter,
        $line[0],
        new DateTimeImmutable('2026-03-18 07:00:00', new DateTimeZone('UTC')),
    )[0];
    expect(static fn () => app(TakeManyReadings::class)([['1430'], ['1431'], ['12']], $take))
        ->toThrow(ValidationException::class)
        ->and(meterStands($meter->id))
        ->toBe($stands);
    // What was kept back then is gone: the next batch writes its own alone.
    app(TakeManyReadings::class)([['1432']], $take);
    expect(count(meterStands($meter->id)[1]))->toBe(count($stands[1]) + 1);
});
