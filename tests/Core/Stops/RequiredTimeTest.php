<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Stops\RequiredTime;
use Sundial\Stops\Span;

function secondIn(string $local, string $zone): int
{
    return (new DateTimeImmutable($local, new DateTimeZone($zone)))->getTimestamp();
}

/** @return list<string> from and to in the zone, of what is wanted in a stretch of it */
function wantedIn(string $zone, array $windows, array $closed, string $from, string $to): array
{
    $spans = RequiredTime::weekly(new DateTimeZone($zone), $windows, $closed)
        ->within(Span::between(secondIn($from, $zone), secondIn($to, $zone)))
        ->spans();
    $said = static fn (int $at): string => (new DateTimeImmutable("@{$at}"))
        ->setTimezone(new DateTimeZone($zone))
        ->format('D H:i');

    return array_map(static fn (Span $one): string => "{$said($one->from)} to {$said($one->to)}", $spans);
}

it('is wanted round the clock where nothing else is said', function () {
    $period = Span::between(1000, 5000);
    expect(RequiredTime::roundTheClock()->within($period)->spans())->toEqual([$period]);
});

it('is wanted in its windows, of the part of them that lies in the period', function () {
    // 16 March 2026 is a Monday.
    expect(wantedIn('UTC', [[1, '06:00', '14:00'], [1, '14:30', '22:00'], [3, '00:00', '24:00']], [],
        '2026-03-16 08:00', '2026-03-19 12:00'))->toBe([
            'Mon 08:00 to Mon 14:00',
            'Mon 14:30 to Mon 22:00',
            'Wed 00:00 to Thu 00:00',
        ]);
});

it('gives a window over midnight to the date on which it starts', function () {
    $nights = array_map(static fn (int $day): array => [$day, '22:00', '06:00'], [1, 2, 3]);
    // That of Tuesday is dropped with its date; the end of Monday's lies on it and stays.
    expect(wantedIn('UTC', $nights, ['2026-03-17'], '2026-03-16 00:00', '2026-03-19 00:00'))->toBe([
        'Mon 22:00 to Tue 06:00',
        'Wed 22:00 to Thu 00:00',
    ]);
    // What began before the period reaches into it.
    expect(wantedIn('UTC', $nights, [], '2026-03-17 00:00', '2026-03-17 12:00'))->toBe(['Tue 00:00 to Tue 06:00']);
});

it('has seven or nine hours in a night of the clock change', function (string $zone, string $day, int $hours) {
    $weekday = LocalDate::parse($day)->weekday();
    $wanted = RequiredTime::weekly(new DateTimeZone($zone), [[$weekday, '22:00', '06:00']], []);
    $period = Span::between(secondIn("{$day} 12:00", $zone), secondIn("{$day} 12:00", $zone) + 86_400);
    expect($wanted->within($period)->seconds())->toBe($hours * 3600);
})->with([
    'forward' => ['Europe/Berlin', '2026-03-28', 7],
    'back' => ['Europe/Berlin', '2026-10-24', 9],
    'forward in the south' => ['Pacific/Auckland', '2026-09-26', 7],
    'back in the south' => ['Pacific/Auckland', '2026-04-04', 9],
    'no change' => ['Europe/Berlin', '2026-06-06', 8],
]);

it('begins a date at its own midnight', function (string $zone, string $says) {
    $at = RequiredTime::midnight(LocalDate::parse('2026-03-18'), new DateTimeZone($zone));
    expect(gmdate('Y-m-d H:i', $at))->toBe($says);
})->with([
    ['UTC', '2026-03-18 00:00'],
    ['Pacific/Kiritimati', '2026-03-17 10:00'],
    ['Pacific/Pago_Pago', '2026-03-18 11:00'],
]);
