<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\HoldReason;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;
use Sundial\Work\RunningTime;
use Sundial\Work\Stage;
use Sundial\Work\TimeInStates;
use Sundial\Work\WorkKind;
use Sundial\Work\WorkSpan;

it('looks again after the days of the reason, or on the day that was chosen', function () {
    $today = LocalDate::of(2026, 3, 18);
    $parts = HoldReason::of('parts', 2);
    expect((string) $parts->lookAgain($today))
        ->toBe('2026-03-20')
        ->and((string) $parts->lookAgain($today, LocalDate::of(2026, 3, 18)))
        ->toBe('2026-03-18')
        ->and((string) $parts->lookAgain($today, LocalDate::of(2027, 3, 19)))
        ->toBe('2027-03-19');
});

it('refuses to look again on a day that has passed, or more than a year ahead', function (LocalDate $day, string $why) {
    expect(fn () => HoldReason::of('parts', 2)->lookAgain(LocalDate::of(2026, 3, 18), $day))->toThrow(
        fn (InvalidInput $e) => expect([$e->cause(), $e->field()])->toBe([$why, 'look_again_on']),
    );
})->with([
    [LocalDate::of(2026, 3, 17), 'too_early'],
    [LocalDate::of(2027, 3, 20), 'too_late'],
]);

it('has stages inside every state but those that are over', function () {
    expect(array_column(Stage::states(), 'value'))
        ->toBe(['draft', 'planned', 'approved', 'under way', 'on hold', 'done'])
        ->and(Stage::inside(OrderState::Planned, 'waiting for a quote')->name)
        ->toBe('waiting for a quote')
        ->and(fn () => Stage::inside(OrderState::Closed, 'filed'))
        ->toThrow(InvalidInput::class);
});

it('lets go every type but those of which orders are made by themselves', function () {
    $stays = array_filter(
        OrderType::SHIPPED,
        static fn (WorkKind $kind, string $name): bool => ! OrderType::of($name, $kind)->canBeRetired(),
        ARRAY_FILTER_USE_BOTH,
    );
    expect(array_keys($stays))->toBe(['preventive', 'corrective', 'emergency']);
});

it('adds up the time in each state, however often it stood there, up to now', function () {
    $at = static fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-03-18 {$time}");
    $time = TimeInStates::of(
        [
            ['approved', $at('06:00'), $at('08:00')],
            ['under way', $at('08:00'), $at('08:45')],
            ['on hold, parts', $at('08:45'), $at('10:00')],
            ['under way', $at('10:00'), $at('10:00:30')],
            ['done', $at('10:00:30'), null],
        ],
        $at('10:30:30'),
    );
    expect($time->minutes())->toBe(['approved' => 120, 'under way' => 45, 'on hold, parts' => 75, 'done' => 30]);
});

it('began as long before its finish as the one who worked longest', function () {
    $finish = new DateTimeImmutable('2026-03-18 08:00');
    expect(WorkSpan::of([30, 90, 60])->began($finish)->format('H:i'))
        ->toBe('06:30')
        ->and(fn () => WorkSpan::of([]))
        ->toThrow(InvalidInput::class, 'Say who worked on it')
        ->and(fn () => WorkSpan::of([1441]))
        ->toThrow(InvalidInput::class, 'At most 24 h');
});

it('counts whole minutes of a clock, one at least, and asks where it cannot be', function (string $at, mixed $is) {
    $clock = RunningTime::since(new DateTimeImmutable('2026-03-18 08:00:00'));
    $now = new DateTimeImmutable('2026-03-19 09:00:00');
    try {
        $found = $clock->until(new DateTimeImmutable($at), $now);
    } catch (InvalidInput $e) {
        $found = $e->cause();
    }
    expect($found)->toBe($is);
})->with([
    ['2026-03-18 08:00:20', 1],
    ['2026-03-18 09:10:59', 70],
    ['2026-03-19 00:00:00', 960],
    ['2026-03-19 00:01:00', 'too_long'],
    ['2026-03-18 07:59:00', 'before_start'],
    ['2026-03-19 09:00:01', 'future'],
]);
