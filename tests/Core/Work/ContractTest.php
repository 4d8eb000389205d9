<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Contract\ContractAmount;
use Sundial\Work\Contract\Papers;

it('refuses a day on which the insurance or the induction does not hold', function () {
    $day = static fn (string $day): LocalDate => LocalDate::parse($day);
    $papers = Papers::of([
        ['Liability insurance', $day('2026-03-18')],
        ['induction of 3 people', $day('2026-05-01')],
        ['ISO certificate', $day('2020-01-01')],
    ]);
    $papers->check($day('2026-03-18'));
    expect(static fn () => $papers->check($day('2026-03-19')))
        ->toThrow(InvalidInput::class, 'Liability insurance holds until 18 Mar 2026')
        ->and($papers->missing())
        ->toBe([])
        ->and(Papers::of([['Insurance', $day('2026-03-18')]])->missing())
        ->toBe(['induction'])
        ->and(Papers::of([])->missing())
        ->toBe(['insurance', 'induction']);
});

it('holds an invoice against what was accepted', function () {
    $hours = [[240, HourlyRate::ofCents(6000)], [60, HourlyRate::ofCents(9000)]];
    $amount = ContractAmount::agreed($hours, 15000);
    expect($amount->agreed)
        ->toBe(24000 + 9000 + 15000)
        ->and($amount->difference())
        ->toBeNull();
    $accepted = $amount->accepting(250, $hours, 15000);
    expect($accepted->accepted)
        ->toBe(25000 + 15000)
        ->and($accepted->invoicing(41000)->difference())
        ->toBe(1000)
        ->and($accepted->invoicing(0)->difference())
        ->toBe(-40000);
});
