<?php

declare(strict_types=1);

use Sundial\Costing\Allocation;
use Sundial\Costing\LabourCost;
use Sundial\Costing\Overtime;
use Sundial\Costing\Rates;
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
    expect(LabourCost::ofBooking($minutes, $rate, $overtime))->toBe($cents);
})->with([
    'an hour' => [60, 3450, Overtime::Normal, 3450],
    'half a cent up' => [1, 30, Overtime::Normal, 1],
    'under half a cent' => [1, 29, Overtime::Normal, 0],
    '50 min at time and a half' => [50, 3333, Overtime::TimeAndHalf, 4166],
    'double' => [90, 2801, Overtime::Double, 8403],
    'nothing' => [0, 3000, Overtime::Double, 0],
]);

it('takes the person’s rate before the trade’s, at the date of the work', function () {
    $rates = Rates::of([[day('2026-03-01'), 4000]], [[day('2025-01-01'), 3000], [day('2026-01-01'), 3200]]);
    expect($rates->on(day('2026-03-01')))
        ->toBe(4000)
        ->and($rates->on(day('2026-02-28')))
        ->toBe(3200)
        ->and($rates->on(day('2025-12-31')))
        ->toBe(3000)
        ->and($rates->on(day('2024-12-31')))
        ->toBeNull();
});

it('refuses negative time and pay', function () {
    expect(fn () => LabourCost::ofBooking(-1, 100))
        ->toThrow(InvalidInput::class)
        ->and(fn () => LabourCost::ofBooking(1, -100))
        ->toThrow(InvalidInput::class);
});
