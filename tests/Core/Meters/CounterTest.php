<?php

declare(strict_types=1);

use Sundial\Meters\Counter;
use Sundial\Meters\CounterReading;
use Sundial\Meters\Doubt;
use Sundial\Meters\Rate;
use Sundial\Meters\RateFrom;
use Sundial\Meters\Totals;
use Sundial\Meters\Turn;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

use function Tests\Core\day;
use function Tests\Core\tries;

function at(string $iso, int $hours = 6): int
{
    return day($iso)->epochDay * 86400 + $hours * 3600;
}

function reading(
    string $iso,
    float $shown,
    Turn $turn = Turn::Read,
    float $oldFinal = 0,
    int $hour = 6,
): CounterReading {
    return CounterReading::of(
        at($iso, $hour),
        day($iso),
        (int) round($shown * 1000),
        $turn,
        (int) round($oldFinal * 1000),
    );
}

it('reads and writes quantities with three places', function (string $text, int $thousandths, string $plain) {
    expect(Quantity::parse($text))->toBe($thousandths)->and(Quantity::plain($thousandths))->toBe($plain);
})->with([
    ['4100', 4100000, '4100.000'],
    ['4 100,5', 4100500, '4100.500'],
    ['-0.05', -50, '-0.050'],
    ['0', 0, '0.000'],
    ['12.125', 12125, '12.125'],
]);

it(
    'refuses what is no quantity',
    fn (string $text) => expect(fn () => Quantity::parse($text, 'reading'))->toThrow(InvalidInput::class),
)->with(['', 'x', '1.2345', '1e3', '1.', '--1', '999999999999']);

it('writes quantities for people', function () {
    expect(Quantity::text(1234567500, 1))
        ->toBe("1\u{202f}234\u{202f}567.5")
        ->and(Quantity::text(999500))
        ->toBe("1\u{202f}000")
        ->and(Quantity::text(-500))
        ->toBe('−1')
        ->and(Quantity::text(12050, 2))
        ->toBe('12.05');
});

it('unrolls rollovers and replacements into a total that never jumps', function () {
    $totals = Totals::of(Counter::of(10_000_000), [
        reading('2026-01-01', 9900),
        reading('2026-01-11', 9990),
        reading('2026-01-21', 80, Turn::RolledOver),
        reading('2026-02-01', 5, Turn::Replaced, 170),
        reading('2026-02-11', 105),
    ]);
    // By hand: 9900, 9990, 10 000 + 80, old final 10 170, 10 170 + 105 - 5
    expect($totals->totals)->toBe([9900000, 9990000, 10080000, 10170000, 10270000]);
});

it('puts readings in the order in which they were taken', function () {
    $totals = Totals::of(Counter::of(), [
        reading('2026-02-01', 200),
        reading('2026-01-01', 100),
        reading('2026-01-15', 150),
    ]);
    expect($totals->totals)->toBe([100000, 150000, 200000]);
});

it('never guesses a fall', function (array $readings) {
    expect(fn () => Totals::of(Counter::of(), $readings))->toThrow(InvalidInput::class);
})->with([
    'below the last' => [[reading('2026-01-01', 100), reading('2026-01-02', 99)]],
    'old meter below its last reading' => [
        [reading('2026-01-01', 100), reading('2026-01-02', 0, Turn::Replaced, 90)],
    ],
    'rolled over, with no value to roll over at' => [
        [reading('2026-01-01', 100), reading('2026-01-02', 3, Turn::RolledOver)],
    ],
]);

it('gives the total at an instant', function (string $iso, int $hour, ?int $total) {
    $totals = Totals::of(Counter::of(), [reading('2026-03-01', 100), reading('2026-03-11', 300)]);
    expect($totals->at(at($iso, $hour), day($iso), Rate::of(12000, 1)))->toBe($total);
})->with([
    'before the first' => ['2026-02-01', 6, 100000],
    'at a reading' => ['2026-03-11', 6, 300000],
    'half way' => ['2026-03-06', 6, 200000],
    'an hour on' => ['2026-03-01', 7, 100833],
    'after the last, at the rate' => ['2026-03-15', 6, 348000],
]);

it('finds the day on which a reading came to a total', function () {
    $totals = Totals::of(Counter::of(), [
        reading('2026-03-01', 100),
        reading('2026-03-11', 300),
        reading('2026-03-12', 300),
        reading('2026-03-20', 450),
    ]);
    expect((string) $totals->dayReached(300000))
        ->toBe('2026-03-11')
        ->and((string) $totals->dayReached(300001))
        ->toBe('2026-03-20')
        ->and((string) $totals->dayReached(1))
        ->toBe('2026-03-01')
        ->and($totals->dayReached(450001))
        ->toBeNull();
});

it('takes the rate over the window, else from the expected use, else not at all', function (
    array $readings,
    ?int $expected,
    RateFrom $from,
    ?string $date,
) {
    $standing = Totals::of(Counter::of(expectedPerYear: $expected), $readings)->standing(day('2026-05-01'));
    $last = $standing->total;
    expect($standing->from)
        ->toBe($from)
        ->and($standing->expected($last + 300000)?->__toString())
        ->toBe($date);
})->with([
    // Last reading 4 100 h on 1 May, 12 h/day, due at 4 400 h: 26 May.
    'the worked example' => [
        [reading('2026-04-01', 3740), reading('2026-05-01', 4100)],
        null,
        RateFrom::Readings,
        '2026-05-26',
    ],
    'two readings less than seven days apart' => [
        [reading('2026-04-27', 4040), reading('2026-05-01', 4100)],
        4383000,
        RateFrom::ExpectedUse,
        '2026-05-26',
    ],
    'readings older than the window' => [
        [reading('2025-10-01', 1), reading('2025-11-01', 500)],
        4383000,
        RateFrom::ExpectedUse,
        '2025-11-26',
    ],
    'the window begins 90 days back' => [
        [reading('2026-01-30', 0), reading('2026-01-31', 1000), reading('2026-05-01', 1900)],
        null,
        RateFrom::Readings,
        '2026-05-31',
    ],
    'standing still' => [
        [reading('2026-04-01', 100), reading('2026-05-01', 100)],
        4383000,
        RateFrom::Readings,
        null,
    ],
    'nothing known' => [[reading('2026-05-01', 100)], null, RateFrom::Nothing, null],
]);

it('says how early and late a date may be from the spread of rates', function () {
    // Weekly: 70, 84, 70, 140, 70 in seven days: 10, 12, 10, 20, 10 a day. P10 = 10, P90 = 12 + 0.6 x 8 = 16.8
    $week = fn (int $n, float $shown) => reading((string) day('2026-03-01')->plusDays(7 * $n), $shown);
    $readings = [$week(0, 0), $week(1, 70), $week(2, 154), $week(3, 224), $week(4, 364), $week(5, 434)];
    $standing = Totals::of(Counter::of(), $readings)->standing(day('2026-04-05'));
    expect((string) $standing->earliest(434000 + 168000))
        ->toBe('2026-04-15')
        ->and((string) $standing->latest(434000 + 168000))
        ->toBe('2026-04-21');
    // Four readings give three rates: too few to say
    expect(
        Totals::of(Counter::of(), array_slice($readings, 0, 4))->standing(day('2026-04-05'))->earliest(500000),
    )->toBeNull();
    // A week that stood still: no late date
    $idle = Totals::of(Counter::of(), [...$readings, $week(6, 434), $week(7, 434)])->standing(day('2026-04-19'));
    expect($idle->latest(500000))->toBeNull()->and($idle->earliest(500000))->not->toBeNull();
});

it('takes percentiles of type 7, exactly', function (int $tenths, int $thousandths, int $days) {
    $rate = Rate::percentile(
        [Rate::of(4, 1), Rate::of(1, 1), Rate::of(3, 1), Rate::of(2, 1), Rate::of(10, 1)],
        $tenths,
    );
    expect([$rate->thousandths, $rate->days])->toBe([$thousandths, $days]);
})->with([[1, 7, 5], [5, 3, 1], [9, 38, 5], [0, 1, 1], [10, 10, 1]]);

it('questions the implausible', function (
    CounterReading $reading,
    ?Doubt $doubt,
    ?int $expected = null,
    int $weeks = 6,
) {
    $counter = Counter::of(mostPerDay: 24000, expectedPerYear: $expected);
    $before = [];
    for ($week = 0; $week < $weeks; $week++) {
        $before[] = reading((string) day('2026-01-01')->plusDays(7 * $week), 1000 + 42 * $week);
    }
    expect(Doubt::about($counter, Totals::of($counter, $before), $reading))->toBe($doubt);
})->with([
    // 6 weeks of 6 h/day, last 1 210 on 5 February
    'as ever' => [reading('2026-02-12', 1252), null],
    'three times the 90th percentile' => [reading('2026-02-12', 1337), null],
    'above it' => [reading('2026-02-12', 1338), Doubt::TooFast],
    'a digit too many' => [reading('2026-02-12', 12520), Doubt::MoreThanADayHolds],
    'a fall' => [reading('2026-02-12', 1209), Doubt::Falls],
    'the same again' => [reading('2026-02-12', 1210), null],
    'an hour after a minute, by rounding' => [reading('2026-02-05', 1211, hour: 6), null],
    'few readings: above five times the expected use' => [reading('2026-01-11', 1165), Doubt::TooFast, 1095750, 1],
    'few readings: within it' => [reading('2026-01-11', 1151), null, 1095750, 1],
    'between two readings, above the later' => [reading('2026-01-20', 1200), Doubt::Falls],
    'rolled over' => [reading('2026-02-12', 10, Turn::Replaced, 1250), null],
]);

it('questions and stands after another reading of the same day as if all were counted', function (int $seed) {
    mt_srand($seed);
    $counter = Counter::of(
        mostPerDay: mt_rand(0, 1) === 0 ? null : 24_000,
        expectedPerYear: mt_rand(0, 1) === 0 ? null : 2_000_000,
        window: mt_rand(14, 400),
    );
    $day = day('2025-01-01');
    $shown = 0;
    $readings = [];
    for ($i = mt_rand(1, 60); $i > 0; $i--) {
        $day = $day->plusDays(mt_rand(1, 12));
        $shown += mt_rand(0, 60_000);
        $readings[] = CounterReading::of($day->epochDay * 86400, $day, $shown);
    }
    $all = Totals::of($counter, $readings);
    for ($hour = 1; $hour <= 4; $hour++) {
        $rise = mt_rand(0, 3) === 0 ? mt_rand(-50, 900_000) : mt_rand(0, 3000);
        $reading = CounterReading::of($day->epochDay * 86400 + $hour * 3600, $day, $shown + $rise);
        $stands = $all->standing($day);
        $last = Totals::known($counter, [end($readings)], array_slice($all->totals, -1));
        $doubt = Doubt::about($counter, $all, $reading);
        expect(Doubt::sameDay($counter, $last, $reading, $stands->fast))->toBe($doubt);
        if ($doubt === Doubt::Falls) {
            continue;
        }
        $shown += $rise;
        $readings[] = $reading;
        $all = $all->with($reading);
        expect($stands->laterThatDay(array_slice($all->totals, -1)[0]))->toEqual($all->standing($day));
    }
})->with(range(1, 60));

it('says what it will show at a total, past a replacement and past a rollover', function () {
    expect(Counter::of()->showsAt(30_000_000, 28_237_000, 1_358_000))
        ->toBe(3_121_000)
        ->and(Counter::of(10_000_000)->showsAt(31_978_000, 28_327_000, 8_327_000))
        ->toBe(1_978_000)
        ->and(Counter::of(10_000_000)->showsAt(30_000_000, 28_327_000, 8_327_000))
        ->toBe(0)
        ->and(Counter::of(10_000_000)->showsAt(29_000_000, 28_327_000, 8_327_000))
        ->toBe(9_000_000);
});

it('comes to the same total whether readings are added one by one or counted together', function (int $seed) {
    mt_srand($seed);
    $counter = Counter::of(rollsOverAt: 100_000);
    $one = Totals::known($counter, [], []);
    $readings = [];
    $shown = mt_rand(0, 99_999);
    foreach (range(0, mt_rand(3, 12)) as $i) {
        $before = $shown;
        $shown = mt_rand(0, 5) === 0 ? mt_rand(0, 99_999) : min(99_999, $shown + mt_rand(0, 9000));
        $turn = $i > 0 && $shown < $before ? Turn::RolledOver : Turn::Read;
        $reading = CounterReading::of($i * 86400, day('2026-01-01')->plusDays($i), $shown, $turn);
        $fits = $one->fits($reading);
        $rise = $turn === Turn::RolledOver ? 100_000 - $before + $shown : $shown - $before;
        expect($fits === null ? null : $fits[0])->toBe($i === 0 ? null : $rise);
        $one = $one->with($reading);
        $readings[] = $reading;
    }
    shuffle($readings);
    $whole = Totals::of($counter, $readings);
    expect($one->totals)
        ->toBe($whole->totals)
        ->and($whole->dayReached($whole->totals[2]))
        ->toEqual($whole->readings[array_search($whole->totals[2], $whole->totals, true)]->day)
        ->and($whole->dayReached($whole->totals[count($readings) - 1] + 1))
        ->toBeNull();
})->with(range(1, tries(300)));

it('says of readings that cannot follow each other why, before they are kept', function () {
    $plain = Totals::of(Counter::of(), [
        CounterReading::of(0, day('2026-03-01'), 1000),
        CounterReading::of(86400 * 2, day('2026-03-03'), 5000),
    ]);
    $cause = static function (CounterReading $one) use ($plain): string {
        try {
            $plain->fits($one);
        } catch (InvalidInput $e) {
            return $e->cause();
        }

        return 'fits';
    };
    expect($cause(CounterReading::of(86400, day('2026-03-02'), 3000)))
        ->toBe('fits')
        ->and($cause(CounterReading::of(86400, day('2026-03-02'), 900)))
        ->toBe('falls')
        ->and($cause(CounterReading::of(86400, day('2026-03-02'), 6000)))
        ->toBe('falls', 'the one behind it would lie below')
        ->and($cause(CounterReading::of(86400 * 3, day('2026-03-04'), 10, turn: Turn::RolledOver)))
        ->toBe('no_rollover');
});
