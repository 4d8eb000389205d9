<?php

declare(strict_types=1);

use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Levelling\Capacity;
use Sundial\Planning\Levelling\YearLoad;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\MovedVisit;
use Sundial\Planning\Visit\NextDue;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Planning\Visit\VisitTerms;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

it('moves a visit within its tolerance, not before today', function (string $to, ?string $cause) {
    try {
        $terms = VisitTerms::of(LeadTime::days(0), null, 3);
        $visit = VisitDates::of(day('2026-03-11'), day('2026-04-10'), 30, $terms);
        MovedVisit::check($visit, day($to), day('2026-04-08'));
        expect($cause)->toBeNull();
    } catch (InvalidInput $e) {
        expect($e->cause())->toBe($cause);
    }
})->with([
    ['2026-04-08', null],
    ['2026-04-13', null],
    ['2026-04-14', 'beyond_tolerance'],
    ['2026-04-07', 'past'],
    ['2026-04-10', null],
]);

it('counts a moved visit late from the day after', function () {
    $moved = NextDue::of(day('2026-04-10'))->movedTo(day('2026-04-12'));
    expect([(string) $moved->planned, (string) $moved->lateFrom, (string) $moved->calendarOn])->toBe([
        '2026-04-12',
        '2026-04-13',
        '2026-04-10',
    ]);
});

it('measures capacity by working days', function (string $from, string $to, int $minutes) {
    expect(
        Capacity::within(
            2250,
            WorkingDays::except([6, 7], [day('2026-04-06'), day('2026-04-11')]),
            day($from),
            day($to),
        ),
    )->toBe($minutes);
})->with([
    'a whole week' => ['2026-03-30', '2026-04-06', 2250],
    'a week with a holiday' => ['2026-04-06', '2026-04-13', 1800],
    'a weekend' => ['2026-04-11', '2026-04-13', 0],
    'a month' => ['2026-04-01', '2026-05-01', 9450],
    'a third of a minute' => ['2026-03-30', '2026-03-31', 450],
]);

it('says load in per cent', function () {
    expect(Capacity::percent(2300, 2250))->toBe(102)->and(Capacity::percent(5, 0))->toBeNull();
});

it('adds up what a year asks for', function () {
    $one = YearLoad::none()
        ->plus(['fitter' => 60, 'electrician' => 30], 4500)
        ->plus(['fitter' => 15], 1000);
    expect([$one->visits, $one->work(), $one->cents, $one->minutes])->toBe([
        2,
        105,
        5500,
        ['fitter' => 75, 'electrician' => 30],
    ]);
    $three = $one->and($one->times(2));
    expect([$three->visits, $three->work(), $three->cents])
        ->toBe([6, 315, 16500])
        ->and($one->times(0)->work())
        ->toBe(0);
});

it('names where more is asked than people can do', function () {
    expect(
        Capacity::exceeded(
            ['fitter' => [300, 301, 0], 'rigger' => [999]],
            ['fitter' => [300, 300, 300], 'electrician' => [0]],
        ),
    )->toBe([['fitter', 1, 301, 300]]);
});
