<?php

declare(strict_types=1);

use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Costing\LineCost;
use Sundial\Costing\Overtime;
use Sundial\Costing\Recharge;
use Sundial\Costing\WorkedMinutes;
use Sundial\Ops\ComputeCosts;
use Sundial\Support\Decimals;
use Sundial\Support\InvalidInput;
use Tests\Core\Cases;

it('costs work as the reference does', function (array $case) {
    $expected = $case['expected'];
    if (isset($expected['error'])) {
        expect(fn () => ComputeCosts::cost($case))->toThrow(
            fn (InvalidInput $e) => expect($e->cause())->toBe($expected['error']),
        );

        return;
    }
    $out = ComputeCosts::cost($case);
    foreach ($expected['bookings'] as $i => $booking) {
        expect(Decimals::parse($out['bookings'][$i]['rate'], 4, 'rate'))->toBe(
            Decimals::parse($booking['rate'], 4, 'rate'),
        );
    }
    $plain = static fn (array $of): array => array_map(
        static fn (array $booking): array => array_diff_key($booking, ['rate' => 0]),
        $of['bookings'],
    );
    expect(['bookings' => $plain($out)] + $out)->toEqual(['bookings' => $plain($expected)] + $expected);
})->with(Cases::of('labour_cost'));

it('estimates as the reference does', function (array $case) {
    expect(array_intersect_key(ComputeCosts::estimate($case), $case['expected']))->toEqual($case['expected']);
})->with(Cases::of('estimate'));

it('rounds a booking once, not kind by kind', function () {
    $rate = HourlyRate::parse('33.333');
    $kinds = [WorkedMinutes::of(1), WorkedMinutes::of(0, 1), WorkedMinutes::of(0, 0, 1)];
    $together = $kinds[0]->plus($kinds[1])->plus($kinds[2]);
    expect(array_map(static fn (WorkedMinutes $one): int => LabourCost::of($one, $rate), $kinds))
        ->toBe([56, 83, 111])
        ->and(LabourCost::of($together, $rate))
        ->toBe(250)
        ->and($together->worked())
        ->toBe(3)
        ->and(LabourCost::of(WorkedMinutes::of(-1), $rate))
        ->toBe(-56);
});

it('takes an hour at its kind, whatever the kind', function (Overtime $overtime, int $cents) {
    expect(LabourCost::of(WorkedMinutes::at($overtime, 60), HourlyRate::ofCents(2000)))->toBe($cents);
})->with([[Overtime::Normal, 2000], [Overtime::TimeAndHalf, 3000], [Overtime::Double, 4000]]);

it('writes a rate as people do', function (string $typed, string $plain) {
    expect(HourlyRate::parse($typed)->plain())->toBe($plain);
})->with([['52', '52.00'], ['33.333', '33.333'], ['0', '0.00'], ['39.1375', '39.1375'], ['22.500', '22.50']]);

it('refuses what is no number of so many places', function (string $typed) {
    expect(fn () => Decimals::parse($typed, 2, 'amount'))->toThrow(InvalidInput::class);
})->with(['', 'x', '1.234', '1e3', '1,5', '--1', '1.']);

it('rounds a line of parts once, and takes a return below zero', function () {
    expect([LineCost::of(1005, 10000), LineCost::of(-1005, 10000), LineCost::of(3000, 41250)])->toBe([101, -101, 1238]);
});

it('keeps the computed total beside one that is set by hand', function () {
    $recharge = Recharge::of(8600, 600, 190000, 9500);
    expect([$recharge->net, $recharge->tax, $recharge->computed, $recharge->total, $recharge->isSetByHand])->toBe([
        8000,
        1520,
        9520,
        9500,
        true,
    ]);
});
