<?php

declare(strict_types=1);

use Sundial\Costing\Allocation;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Costing\Overtime;
use Sundial\Costing\Rates;
use Sundial\Costing\WorkedMinutes;
use Sundial\Support\InvalidInput;
use Tests\Core\Cases;

use function Tests\Core\day;

it('spreads a total as the reference does', function (array $case) {
    if (isset($case['expected']['error'])) {
        expect(fn () => Allocation::of($case['total'], $case['weights']))->toThrow(
            fn (InvalidInput $e) => expect($e->cause())->toBe($case['expected']['error']),
        );

        return;
    }
    expect(Allocation::of($case['total'], $case['weights']))->toBe($case['expected']['parts']);
})->with(Cases::of('allocation'));

it('rounds labour cost once per booking, half away from zero', function (
    int $minutes,
    int $rate,
    Overtime $overtime,
    int $cents,
) {
    expect(LabourCost::of(WorkedMinutes::at($overtime, $minutes), HourlyRate::ofCents($rate)))->toBe($cents);
})->with([
    'an hour' => [60, 3450, Overtime::Normal, 3450],
    'half a cent up' => [1, 30, Overtime::Normal, 1],
    'under half a cent' => [1, 29, Overtime::Normal, 0],
    '50 min at time and a half' => [50, 3333, Overtime::TimeAndHalf, 4166],
    'double' => [90, 2801, Overtime::Double, 8403],
    'nothing' => [0, 3000, Overtime::Double, 0],
]);

it('takes the person’s rate before the trade’s, at the date of the work', function () {
    $pair = static fn (string $from, int $cents): array => [day($from), HourlyRate::ofCents($cents)];
    $rates = Rates::of([$pair('2026-03-01', 4000)], [$pair('2025-01-01', 3000), $pair('2026-01-01', 3200)]);
    expect($rates->on(day('2026-03-01'))?->plain())
        ->toBe('40.00')
        ->and($rates->on(day('2026-02-28'))?->plain())
        ->toBe('32.00')
        ->and($rates->on(day('2025-12-31'))?->plain())
        ->toBe('30.00')
        ->and($rates->on(day('2024-12-31')))
        ->toBeNull();
});

it('refuses a rate below zero, and plans no time below none', function () {
    expect(fn () => HourlyRate::ofCents(-100))
        ->toThrow(InvalidInput::class)
        ->and(LabourCost::planned(-30, HourlyRate::ofCents(3000)))
        ->toBe(0);
});

it('reads the kinds of time of one booking, each in its own field', function () {
    $worked = WorkedMinutes::typed('7:30', '', '1.5', 'time');
    expect([$worked->normal, $worked->timeAndHalf, $worked->double, $worked->worked()])
        ->toBe([450, 0, 90, 540])
        ->and(LabourCost::of($worked, HourlyRate::parse('33.333')))
        ->toBe(35000)
        ->and(fn () => WorkedMinutes::typed('', ' ', '', 'time'))
        ->toThrow(InvalidInput::class, 'Say how long it was')
        ->and(fn () => WorkedMinutes::typed('1', 'x', '', 'time'))
        ->toThrow(fn (InvalidInput $e) => expect($e->field())->toBe('time_half'));
});
