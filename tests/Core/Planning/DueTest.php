<?php

declare(strict_types=1);

use Sundial\Meters\CounterStanding;
use Sundial\Meters\Rate;
use Sundial\Meters\RateFrom;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\UsageDue;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Planning\Visit\VisitTerms;

use function Tests\Core\day;

/** Read last on 10 March at 5 000; due at 6 000: on 20 March as it goes, on the 15th or the 30th at other rates. */
function dueAtSixThousand(?string $calendar, array $with = []): NextDue
{
    $rate = array_key_exists('rate', $with) ? $with['rate'] : Rate::of(100, 1);
    $slow = array_key_exists('slow', $with) ? $with['slow'] : Rate::of(50, 1);
    $standing = CounterStanding::of(
        day('2026-03-10'),
        5000,
        $rate,
        $rate === null ? RateFrom::Nothing : RateFrom::Readings,
        $rate === null ? null : Rate::of(200, 1),
        $slow,
    );

    return NextDue::of($calendar === null ? null : day($calendar), UsageDue::at(
        6000,
        ($with['unread'] ?? false) ? null : $standing,
        isset($with['reached']) ? day($with['reached']) : null,
        isset($with['notBefore']) ? day($with['notBefore']) : null,
    ));
}

/** @return list<string|bool|null> planned, by what, whether it is only expected, early, late, and late from */
function saysOfDue(NextDue $due): array
{
    $said = static fn (mixed $day): ?string => $day === null ? null : substr((string) $day, 5);

    return [
        $said($due->planned), $due->leading->name, $due->expected, $said($due->early), $said($due->late),
        $said($due->lateFrom),
    ];
}

it('is due by whichever comes first, and says how sure that is', function (
    ?string $calendar,
    array $with,
    array $says,
) {
    expect(saysOfDue(dueAtSixThousand($calendar, $with)))->toBe($says);
})->with([
    'by use alone' => [null, [], ['03-20', 'Usage', true, '03-15', '03-30', null]],
    'by use before the calendar' => ['2026-03-25', [], ['03-20', 'Usage', true, '03-15', '03-25', '03-26']],
    'by both on one day: the calendar' => ['2026-03-20', [], ['03-20', 'Calendar', false, '03-15', '03-20', '03-21']],
    'by the calendar, but perhaps by use before' => [
        '2026-03-16', [], ['03-16', 'Calendar', false, '03-15', '03-16', '03-17'],
    ],
    'by the calendar for sure' => ['2026-03-15', [], ['03-15', 'Calendar', false, null, null, '03-16']],
    'by use later than the calendar at its slowest' => [
        '2026-04-20', [], ['03-20', 'Usage', true, '03-15', '03-30', '04-21'],
    ],
    'reached' => [null, ['reached' => '2026-03-12'], ['03-12', 'Usage', false, null, null, '03-13']],
    'reached before the calendar' => [
        '2026-03-25', ['reached' => '2026-03-12'], ['03-12', 'Usage', false, null, null, '03-13'],
    ],
    'reached after the calendar' => [
        '2026-03-11', ['reached' => '2026-03-12'], ['03-11', 'Calendar', false, null, null, '03-12'],
    ],
    'reached during a hold' => [
        null, ['reached' => '2026-03-12', 'notBefore' => '2026-03-14'], ['03-14', 'Usage', false, null, null, '03-15'],
    ],
    'at no rate' => [null, ['rate' => null, 'slow' => null], [null, 'Usage', false, null, null, null]],
    'at no rate beside the calendar' => [
        '2026-03-25', ['rate' => null, 'slow' => null], ['03-25', 'Calendar', false, null, null, '03-26'],
    ],
    'it may stand still' => [
        '2026-03-25', ['slow' => Rate::of(0, 1)], ['03-20', 'Usage', true, '03-15', '03-25', '03-26'],
    ],
    'it may stand still, and nothing else asks' => [
        null, ['slow' => Rate::of(0, 1)], ['03-20', 'Usage', true, '03-15', null, null],
    ],
    'never read' => [null, ['unread' => true], [null, 'Usage', false, null, null, null]],
    'never read beside the calendar' => [
        '2026-03-25', ['unread' => true], ['03-25', 'Calendar', false, null, null, '03-26'],
    ],
]);

it('wants a reading from the expected day on, and not where one has come to it', function () {
    $due = dueAtSixThousand(null);
    expect([$due->readingWanted(day('2026-03-19')), $due->readingWanted(day('2026-03-20'))])
        ->toBe([false, true])
        ->and(dueAtSixThousand(null, ['reached' => '2026-03-12'])->readingWanted(day('2026-03-20')))
        ->toBeFalse()
        ->and(dueAtSixThousand(null, ['rate' => null, 'slow' => null])->readingWanted(day('2026-03-20')))
        ->toBeFalse();
});

it('is late after the day to which it is moved, and never by itself where it is only expected', function () {
    expect(saysOfDue(dueAtSixThousand('2026-03-15')->movedTo(day('2026-03-18'))))
        ->toBe(['03-18', 'Calendar', false, null, null, '03-19'])
        ->and(saysOfDue(dueAtSixThousand(null)->movedTo(day('2026-03-18'))))
        ->toBe(['03-18', 'Usage', true, '03-15', '03-30', null]);
});

it('is led by a gauge only where that comes before all else', function () {
    $by = static fn (string $on): array => saysOfDue(dueAtSixThousand('2026-03-15')->orCondition(day($on)));
    expect($by('2026-03-14'))
        ->toBe(['03-14', 'Condition', false, null, null, '03-15'])
        ->and($by('2026-03-15'))
        ->toBe(['03-15', 'Calendar', false, null, null, '03-16'])
        ->and(dueAtSixThousand(null, ['unread' => true])->orCondition(day('2026-03-14'))->leading)
        ->toBe(Leading::Condition);
});

it('knows how much of an interval has passed, and after how much its order is made', function (
    string $planned,
    string $today,
    int $consumed,
    int $lead,
) {
    $dates = VisitDates::of(day('2026-03-01'), day($planned), 10, VisitTerms::of(LeadTime::days(2), 3, 1));
    expect([$dates->consumed(day($today)), $dates->leadShare()])->toBe([$consumed, $lead]);
})->with([
    'at its begin' => ['2026-03-11', '2026-03-01', 0, 800],
    'before it' => ['2026-03-11', '2026-02-20', 0, 800],
    'half of it' => ['2026-03-11', '2026-03-06', 500, 800],
    'a third, rounded down' => ['2026-03-10', '2026-03-04', 333, 777],
    'all of it' => ['2026-03-11', '2026-03-11', 1000, 800],
    'twice' => ['2026-03-11', '2026-03-21', 2000, 800],
    'an interval of no day' => ['2026-03-01', '2026-03-02', 1000, -2000],
]);

it('is near, made, and on time on the days that were agreed', function () {
    $dates = VisitDates::of(day('2026-03-01'), day('2026-03-11'), 10, VisitTerms::of(LeadTime::days(2), 3, 1));
    $said = static fn (mixed $day): string => substr((string) $day, 5);
    expect([$said($dates->nearFrom), $said($dates->release), $said($dates->onTimeFrom()), $said($dates->onTimeUntil())])
        ->toBe(['03-08', '03-09', '03-10', '03-12'])
        ->and(array_map(
            static fn (string $day): bool => $dates->isOnTime(day($day)),
            ['2026-03-09', '2026-03-10', '2026-03-12', '2026-03-13'],
        ))
        ->toBe([false, true, true, false]);
});

it('takes so many days of lead, or such a share of the interval', function (LeadTime $lead, int $days, string $made) {
    expect([$lead->inDays(30), substr((string) $lead->releaseDay(day('2026-03-01'), day('2026-03-31')), 5)])
        ->toBe([$days, $made]);
})->with([
    'none' => [LeadTime::days(0), 0, '03-31'],
    'five days' => [LeadTime::days(5), 5, '03-26'],
    'a tenth' => [LeadTime::percent(10), 3, '03-28'],
    'a twelfth or so, rounded' => [LeadTime::percent(8), 2, '03-29'],
    'five of a hundred: a day and a half' => [LeadTime::percent(5), 2, '03-30'],
    'all of it' => [LeadTime::percent(100), 30, '03-01'],
]);
