<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Warranty\ClaimState;
use Sundial\Work\Warranty\Warranty;

it('holds through its last day', function () {
    $warranty = Warranty::until(LocalDate::parse('2026-03-18'));
    expect([
        $warranty->holds(LocalDate::parse('2026-03-18')),
        $warranty->holds(LocalDate::parse('2026-03-19')),
        Warranty::until(null)->holds(LocalDate::parse('2026-03-18')),
    ])->toBe([true, false, false]);
});

it('asks for the credit of what is granted, and why something is refused', function () {
    Warranty::checkDecision(ClaimState::Granted, 1, null);
    Warranty::checkDecision(ClaimState::Refused, null, 'worn by use');
    $wrong = [[ClaimState::Granted, 0, null], [ClaimState::Granted, null, 'x'], [ClaimState::Refused, 5, ' ']];
    foreach ($wrong as [$state, $credit, $reason]) {
        expect(static fn () => Warranty::checkDecision($state, $credit, $reason))->toThrow(InvalidInput::class);
    }
    expect(ClaimState::Claimed->isOpen())->toBeTrue()->and(ClaimState::Granted->isOpen())->toBeFalse();
});
