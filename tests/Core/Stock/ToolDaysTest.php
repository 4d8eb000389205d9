<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Stock\ToolDays;
use Sundial\Support\InvalidInput;

function march(int $from, int $to): ToolDays
{
    return ToolDays::of(LocalDate::of(2026, 3, $from), LocalDate::of(2026, 3, $to));
}

it('is booked twice where two want it on one day', function (ToolDays $one, ToolDays $other, bool $clash) {
    expect($one->clashWith($other))->toBe($clash)->and($other->clashWith($one))->toBe($clash);
})->with([
    'apart' => [march(1, 3), march(4, 5), false],
    'on the same last day' => [march(1, 3), march(3, 5), true],
    'one within the other' => [march(1, 9), march(4, 5), true],
    'the same day' => [march(4, 4), march(4, 4), true],
]);

it('is calibrated where that holds on the last day, and moves with its order', function () {
    $days = march(4, 6);
    expect($days->areCalibrated(null))
        ->toBeTrue()
        ->and($days->areCalibrated(LocalDate::of(2026, 3, 6)))
        ->toBeTrue()
        ->and($days->areCalibrated(LocalDate::of(2026, 3, 5)))
        ->toBeFalse()
        ->and((string) $days->movedTo(LocalDate::of(2026, 3, 30))->to)
        ->toBe('2026-04-01')
        ->and($days->hold(LocalDate::of(2026, 3, 6)))
        ->toBeTrue()
        ->and($days->hold(LocalDate::of(2026, 3, 7)))
        ->toBeFalse();
    march(6, 4);
})->throws(InvalidInput::class);
