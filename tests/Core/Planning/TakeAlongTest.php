<?php

declare(strict_types=1);

use Sundial\Planning\Visit\CloseVisits;
use Sundial\Planning\Visit\TakeAlong;

use function Tests\Core\day;

it('offers what is due near, and says what that gives away', function (
    string $day,
    string $planned,
    int $interval,
    ?array $offer,
) {
    $found = TakeAlong::on(day($day), day($planned), $interval);
    expect($found === null ? null : [$found->early, $found->share])->toBe($offer);
})->with([
    'a third given away' => ['2026-03-20', '2026-03-30', 30, [10, 33]],
    'beyond the window' => ['2026-03-14', '2026-03-30', 30, null],
    'on the last day of the window' => ['2026-03-16', '2026-03-30', 30, [14, 47]],
    'more than half of a short interval' => ['2026-03-22', '2026-03-30', 14, null],
    'just half of it' => ['2026-03-23', '2026-03-30', 14, [7, 50]],
    'the window of a year is 55 days' => ['2026-03-01', '2026-04-25', 365, [55, 15]],
    'and no more' => ['2026-03-01', '2026-04-26', 365, null],
    'the day after the window' => ['2026-03-15', '2026-03-30', 60, null],
    'late' => ['2026-03-20', '2026-02-01', 30, [0, 0]],
    'on the day' => ['2026-03-20', '2026-03-20', 1, [0, 0]],
    'a daily one tomorrow' => ['2026-03-20', '2026-03-21', 1, null],
]);

it('says which visits on an asset are close', function () {
    expect((string) CloseVisits::lookedForUntil(day('2026-03-18')))
        ->toBe('2026-04-15')
        ->and(CloseVisits::are(day('2026-03-01'), day('2026-03-15')))
        ->toBeTrue()
        ->and(CloseVisits::are(day('2026-03-01'), day('2026-03-16')))
        ->toBeFalse()
        ->and(CloseVisits::are(day('2026-03-16'), day('2026-03-01')))
        ->toBeFalse();
});
