<?php

declare(strict_types=1);

use Sundial\Costing\CostSum;
use Sundial\Costing\OrderCost;
use Sundial\Support\InvalidInput;
use Sundial\Work\Plan\LineKind;
use Sundial\Work\Plan\PlanText;
use Sundial\Work\Plan\TypedLine;

it('reads a pasted line as labour, a part or a step', function (string $line, LineKind $kind, array $is) {
    $read = PlanText::read($line, ['fitter', 'electrician'])[0];
    expect($read->kind)
        ->toBe($kind)
        ->and([$read->words, $read->count, $read->thousandths, $read->minutes])
        ->toBe($is);
})->with([
    'two fitters, three hours each' => ['2 fitter 3 h', LineKind::Labour, ['fitter', 2, 0, 180]],
    'the plural' => ['2 Fitters 1:30', LineKind::Labour, ['fitter', 2, 0, 90]],
    'one electrician' => ['1 electrician 45 min', LineKind::Labour, ['electrician', 1, 0, 45]],
    'a part' => ['P-0117 x 1', LineKind::Part, ['P-0117', 0, 1000, 0]],
    'metres of it' => ['HOSE-3 × 2,5', LineKind::Part, ['HOSE-3', 0, 2500, 0]],
    'a step with its minutes' => ['Draw the seal 50 min', LineKind::Step, ['Draw the seal', 0, 0, 50]],
    'a step with hours and minutes' => ['Align it, 1 h 10', LineKind::Step, ['Align it', 0, 0, 70]],
    'a step alone' => ['Lock off and drain', LineKind::Step, ['Lock off and drain', 0, 0, 0]],
    'a trade that nobody has' => ['2 divers 3 h', LineKind::Step, ['2 divers', 0, 0, 180]],
    'a number in a step' => ['Tighten to 40 Nm', LineKind::Step, ['Tighten to 40 Nm', 0, 0, 0]],
]);

it('reads each line of a text, and passes over empty ones', function () {
    expect(PlanText::read("Stop it\n\n  1 fitter 1 h \r\nP-1 x 2\n", ['fitter']))->toHaveCount(3);
    expect(fn () => PlanText::read(" \n ", []))->toThrow(InvalidInput::class);
    expect(fn () => PlanText::read(str_repeat("a\n", 201), []))->toThrow(InvalidInput::class);
});

it('never adds up what is unknown as if it cost nothing', function () {
    $sum = CostSum::of(1250, null, 50);
    expect([$sum->cents, $sum->unknown, $sum->isKnown()])->toBe([1300, 1, false]);
    $all = OrderCost::of($sum, CostSum::of(700), CostSum::none())->total();
    expect([$all->cents, $all->unknown])->toBe([2000, 1]);
    $left = static fn (int ...$booked): int => CostSum::of(6000)->stillToCome(CostSum::of(...$booked))->cents;
    expect([$left(), $left(2500), $left(6000), $left(4000, 2001), $left(100, -100)])->toBe([6000, 3500, 0, 0, 6000]);
    expect(CostSum::none()->isEmpty())->toBeTrue()->and(CostSum::of(null)->isEmpty())->toBeFalse();
});

it('reads parts that were used, a line each, with their number or one alone', function () {
    $lines = PlanText::parts("P-0117 x 2\n\n  P-0031 x 0,5\nP-0042\n");
    expect(array_map(static fn (TypedLine $line): array => [$line->words, $line->thousandths], $lines))
        ->toBe([['P-0117', 2000], ['P-0031', 500], ['P-0042', 1000]])
        ->and(PlanText::parts(" \n"))
        ->toBe([]);
});
