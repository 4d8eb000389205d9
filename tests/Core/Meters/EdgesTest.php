<?php

declare(strict_types=1);

use Sundial\Meters\Beyond;
use Sundial\Meters\Counter;
use Sundial\Meters\CounterReading;
use Sundial\Meters\CounterStanding;
use Sundial\Meters\Doubt;
use Sundial\Meters\Gauge;
use Sundial\Meters\Rate;
use Sundial\Meters\RateFrom;
use Sundial\Meters\Totals;

use function Tests\Core\beyond;
use function Tests\Core\day;

/** A reading of a day in 2026, so many seconds after its midnight, in thousandths. */
function shownOn(string $day, int $shown, int $seconds = 0): CounterReading
{
    $date = day("2026-{$day}");

    return CounterReading::of($date->epochDay * 86400 + $seconds, $date, $shown);
}

it('takes a meter at the edge of what one can be, and refuses it beyond', function (
    Closure $make,
    int $at,
    int $beyond,
    string $field,
) {
    expect(beyond($make, $at, $beyond)?->field())->toBe($field);
})->with([
    'shows 0 again at a thousandth' => [static fn (int $n) => Counter::of(rollsOverAt: $n), 1, 0, 'rolls_over_at'],
    'no use a year' => [static fn (int $n) => Counter::of(expectedPerYear: $n), 0, -1, 'expected_per_year'],
    'a rate over 14 days' => [static fn (int $n) => Counter::of(window: $n), 14, 13, 'window_days'],
    'a rate over 999 days' => [static fn (int $n) => Counter::of(window: $n), 999, 1000, 'window_days'],
    'a counter without decimals' => [static fn (int $n) => Counter::of(decimals: $n), 0, -1, 'decimals'],
    'a counter of three decimals' => [static fn (int $n) => Counter::of(decimals: $n), 3, 4, 'decimals'],
    'a gauge without decimals' => [static fn (int $n) => Gauge::of(decimals: $n), 0, -1, 'decimals'],
    'a gauge of three decimals' => [static fn (int $n) => Gauge::of(decimals: $n), 3, 4, 'decimals'],
    'a reading of 0' => [static fn (int $n) => shownOn('03-18', $n), 0, -1, 'value'],
    'shown below where it is 0 again' => [
        static fn (int $n) => Counter::of(rollsOverAt: 1000)->check($n, 'shown'), 999, 1000, 'shown',
    ],
    'shown 0' => [static fn (int $n) => Counter::of()->check($n, 'shown'), 0, -1, 'shown'],
    'room for one value between limits' => [static fn (int $n) => Gauge::of(10, 30, $n), 10, 11, 'hysteresis'],
    'no way back' => [static fn (int $n) => Gauge::of(10, 30, $n), 0, -1, 'hysteresis'],
    'limits a thousandth apart' => [static fn (int $n) => Gauge::of(10, $n), 11, 10, 'high_limit'],
]);

it('shows as far as it has places, and begins again where it shows 0', function () {
    expect(array_map(static fn (int $places): int => Counter::of(decimals: $places)->step(), [0, 1, 2, 3]))
        ->toBe([1000, 100, 10, 1])
        ->and(Counter::of(rollsOverAt: 1000)->showsAt(1999, 1500, 499))
        ->toBe(998)
        ->and(Counter::of(rollsOverAt: 1000)->showsAt(2001, 1500, 499))
        ->toBe(0)
        ->and(Counter::of()->showsAt(2001, 1500, 499))
        ->toBe(1000);
});

it('lies inside on a limit, and is back where it lies inside by the hysteresis', function (
    ?Beyond $was,
    int $value,
    ?Beyond $is,
) {
    expect(Gauge::of(100, 900, 50)->after($was, $value))->toBe($is);
})->with([
    [null, 900, null], [null, 901, Beyond::High], [null, 100, null], [null, 99, Beyond::Low],
    [Beyond::High, 851, Beyond::High], [Beyond::High, 850, null], [Beyond::High, 99, Beyond::Low],
    [Beyond::Low, 149, Beyond::Low], [Beyond::Low, 150, null], [Beyond::Low, 901, Beyond::High],
]);

it('compares rates as fractions, whatever they are counted over', function () {
    expect(Rate::of(3, 2)->compare(Rate::of(4, 3)))
        ->toBe(1)
        ->and(Rate::of(4, 3)->compare(Rate::of(3, 2)))
        ->toBe(-1)
        ->and(Rate::of(7, 14)->compare(Rate::of(1, 2)))
        ->toBe(0)
        ->and(Rate::of(1, 3)->compare(Rate::of(1, 2)))
        ->toBe(-1)
        ->and(Rate::perYear(365250)->compare(Rate::of(1000, 1)))
        ->toBe(0);
});

it('counts whole days down, up to a hundred years, and none at a standstill', function () {
    expect(Rate::of(1000, 1)->daysFor(36525 * 1000 + 999))
        ->toBe(36525)
        ->and(Rate::of(1000, 1)->daysFor(36526 * 1000))
        ->toBeNull()
        ->and(Rate::of(1, 1)->daysFor(5))
        ->toBe(5)
        ->and(Rate::of(0, 1)->daysFor(5))
        ->toBeNull()
        ->and(Rate::of(3, 2)->daysFor(4))
        ->toBe(2)
        ->and(Rate::of(3, 2)->daysFor(0))
        ->toBe(0);
});

it('expects a total from the last reading on, and none before it', function () {
    $standing = CounterStanding::of(day('2026-03-10'), 5000, Rate::of(300, 1), RateFrom::Readings);
    expect($standing->on(day('2026-03-12')))
        ->toBe(5600)
        ->and($standing->on(day('2026-03-10')))
        ->toBe(5000)
        ->and($standing->on(day('2026-03-01')))
        ->toBe(5000)
        ->and((string) $standing->expected(5600))
        ->toBe('2026-03-12')
        ->and((string) $standing->expected(5001))
        ->toBe('2026-03-10')
        ->and((string) $standing->expected(4000))
        ->toBe('2026-03-10')
        ->and(CounterStanding::of(day('2026-03-10'), 5000, null, RateFrom::Nothing)->on(day('2026-04-10')))
        ->toBe(5000);
});

it('counts a rate between readings a week apart, and none between nearer ones', function () {
    $over = static fn (string ...$days): array => array_map(
        static fn (Rate $rate): array => [$rate->thousandths, $rate->days],
        Totals::of(Counter::of(), array_map(
            static fn (string $day): CounterReading => shownOn($day, 1000 * day("2026-{$day}")->epochDay),
            $days,
        ))->rates(PHP_INT_MAX, day('2026-03-20')),
    );
    expect($over('03-01', '03-07'))
        ->toBe([])
        ->and($over('03-01', '03-08'))
        ->toBe([[1000, 1]])
        ->and($over('03-01', '03-07', '03-09', '03-16'))
        ->toBe([[1000, 1], [1000, 1]]);
});

it('leaves out of the rates what was read more than a year ago, or after the instant that is asked', function () {
    $totals = Totals::of(Counter::of(), array_map(
        static fn (int $week): CounterReading => shownOn((string) substr((string) day('2026-01-01')->plusDays(
            7 * $week,
        ), 5), 1000 * $week * $week),
        range(0, 5),
    ));
    $last = $totals->readings[5];
    $asked = static fn (int $until, string $today): int => count($totals->rates($until, day($today)));
    expect($asked($last->at, '2026-02-05'))
        ->toBe(5)
        ->and($asked($last->at - 1, '2026-02-05'))
        ->toBe(4)
        ->and($asked($last->at, '2027-01-01'))
        ->toBe(5)
        ->and($asked($last->at, '2027-01-02'))
        ->toBe(4);
});

it('takes the rate of the window from a week on', function (string $last, RateFrom $from) {
    $counter = Counter::of(expectedPerYear: 365250, window: 14);
    $readings = [shownOn('03-01', 0), shownOn($last, 14000)];
    expect(Totals::of($counter, $readings)->standing(day('2026-03-15'))?->from)->toBe($from);
})->with([
    ['03-07', RateFrom::ExpectedUse],
    ['03-08', RateFrom::Readings],
]);

it('reads a window of its days, its first among them, and nothing that is read later', function () {
    $counter = Counter::of(window: 14);
    $readings = [shownOn('02-01', 0), shownOn('03-01', 28000), shownOn('03-10', 37000)];
    $rate = static fn (string $today): ?array => ($standing = Totals::of($counter, $readings)->standing(day($today)))
        ?->rate === null
        ? null
        : [$standing->rate->thousandths, $standing->rate->days];
    expect($rate('2026-03-15'))
        ->toBe([1000, 1])
        ->and($rate('2026-03-16'))
        ->toBeNull()
        ->and($rate('2026-03-09'))
        ->toBeNull();
});

it('knows a total at each instant: before, at, between and after readings', function () {
    $totals = Totals::of(Counter::of(), [shownOn('03-01', 1000), shownOn('03-03', 3000)]);
    $rate = Rate::of(500, 1);
    $at = static fn (string $day, int $seconds = 0): ?int => $totals->at(
        day($day)->epochDay * 86400 + $seconds,
        day($day),
        $rate,
    );
    expect($at('2026-02-20'))
        ->toBe(1000)
        ->and($at('2026-03-01'))
        ->toBe(1000)
        ->and($at('2026-03-02'))
        ->toBe(2000)
        ->and($at('2026-03-02', 43200))
        ->toBe(2500)
        ->and($at('2026-03-03'))
        ->toBe(3000)
        ->and($at('2026-03-05'))
        ->toBe(4000)
        ->and(Totals::of(Counter::of(), [])->at(0, day('2026-03-05'), $rate))
        ->toBeNull()
        ->and(Totals::of(Counter::of(), [])->isEmpty())
        ->toBeTrue()
        ->and($totals->isEmpty())
        ->toBeFalse()
        ->and(Totals::of(Counter::of(), [])->standing(day('2026-03-05')))
        ->toBeNull();
});

it('questions a reading only beyond one step of the meter and the most that can be', function (
    Counter $counter,
    int $shown,
    int $seconds,
    ?Doubt $doubt,
) {
    $before = Totals::of($counter, [shownOn('03-01', 0)]);
    expect(Doubt::about($counter, $before, shownOn('03-01', $shown, $seconds)))->toBe($doubt);
})->with([
    // One step of 1 h is left out, so that 25 h in a day are still 24 and a part of the last.
    'all of a day' => [Counter::of(mostPerDay: 24000), 25000, 86400, null],
    'more than a day holds' => [Counter::of(mostPerDay: 24000), 25001, 86400, Doubt::MoreThanADayHolds],
    'one step in the same second' => [Counter::of(mostPerDay: 24000), 1000, 0, null],
    'a little more in the same second' => [Counter::of(mostPerDay: 24000), 1001, 0, Doubt::MoreThanADayHolds],
    'five times the expected use' => [Counter::of(expectedPerYear: 365250), 6000, 86400, null],
    'above it' => [Counter::of(expectedPerYear: 365250), 6001, 86400, Doubt::TooFast],
    'no use expected, so nothing to hold it against' => [Counter::of(expectedPerYear: 0), 90000, 86400, null],
    'nothing known' => [Counter::of(), 90000, 86400, null],
    'finer steps' => [Counter::of(expectedPerYear: 365250, decimals: 1), 5100, 86400, null],
    'above finer steps' => [Counter::of(expectedPerYear: 365250, decimals: 1), 5101, 86400, Doubt::TooFast],
]);

it('questions nothing of the first reading', function () {
    $counter = Counter::of(mostPerDay: 24000);
    expect(Doubt::about($counter, Totals::of($counter, []), shownOn('03-01', 900000)))->toBeNull();
});
