<?php

declare(strict_types=1);

use Sundial\Meters\Beyond;
use Sundial\Planning\Trigger\Arming;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\ConditionTrigger;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Trigger\VisitInHand;
use Sundial\Planning\Visit\NextDue;
use Sundial\Support\InvalidInput;

use function Tests\Core\day;

it('falls due at the k-th reading in a row beyond its limit', function (
    Beyond $beyond,
    int $k,
    int $hysteresis,
    array $values,
    Arming $arming,
    ?int $due,
) {
    expect(ConditionTrigger::of($beyond, 75, $k, $hysteresis)->dueAt($values, $arming))->toBe($due);
})->with([
    'two in a row' => [Beyond::High, 2, 0, [73, 76, 74, 77, 78], Arming::Armed, 4],
    'a reading on the limit is inside' => [Beyond::High, 2, 0, [76, 75, 76], Arming::Armed, null],
    'at once' => [Beyond::High, 1, 0, [80], Arming::Armed, 0],
    'below' => [Beyond::Low, 3, 0, [74, 73, 70], Arming::Armed, 2],
    'stays due when a later reading is back' => [Beyond::High, 1, 0, [80, 60], Arming::Armed, 0],
    'after a skip it waits' => [Beyond::High, 1, 4, [80, 74, 80], Arming::Waiting, null],
    'until one is back inside by the hysteresis' => [Beyond::High, 1, 4, [80, 71, 76], Arming::Waiting, 2],
    'below, too' => [Beyond::Low, 1, 4, [70, 78, 74, 79, 74], Arming::Waiting, 4],
]);

it('says how near it is, and refuses what cannot be', function () {
    $two = ConditionTrigger::of(Beyond::High, 75, 2);
    expect($two->run([80, 70, 76]))
        ->toBe(1)
        ->and($two->run([76, 75]))
        ->toBe(0)
        ->and(fn () => ConditionTrigger::of(Beyond::High, 75, 0))
        ->toThrow(InvalidInput::class)
        ->and(fn () => ConditionTrigger::of(Beyond::High, 75, 1, -1))
        ->toThrow(InvalidInput::class);
});

it('leads when its reading comes before the calendar, and not on the same day', function () {
    $on = fn (string $calendar): NextDue => NextDue::of(day($calendar))->orCondition(day('2026-03-10'));
    expect($on('2026-03-20')->leading)
        ->toBe(Leading::Condition)
        ->and((string) $on('2026-03-20')->planned)
        ->toBe('2026-03-10')
        ->and((string) $on('2026-03-20')->lateFrom)
        ->toBe('2026-03-11')
        ->and((string) $on('2026-03-20')->calendarOn)
        ->toBe('2026-03-20')
        ->and($on('2026-03-10')->leading)
        ->toBe(Leading::Calendar)
        ->and($on('2026-03-05')->leading)
        ->toBe(Leading::Calendar)
        ->and((string) NextDue::of(null)->orCondition(day('2026-03-10'))->planned)
        ->toBe('2026-03-10')
        ->and(NextDue::of(null)->orCondition(null)->planned)
        ->toBeNull();
});

it('restarts the calendar at a completion that the condition led', function () {
    $triggers = Triggers::of(
        CalendarTrigger::interval(
            Sundial\Calendar\Interval::every(30, Sundial\Calendar\Unit::Days, day('2026-03-20')),
            Sundial\Planning\Trigger\CarryOver::fixed(),
        ),
    );
    $after = $triggers->complete(
        VisitInHand::of(Leading::Condition, day('2026-03-20')),
        day('2026-03-12'),
        null,
    );
    expect((string) $after->nextPoint)->toBe('2026-04-11')->and($after->missed())->toBe(0);
});
