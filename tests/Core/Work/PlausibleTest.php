<?php

declare(strict_types=1);

use Sundial\Costing\BookedDay;
use Sundial\Support\InvalidInput;
use Sundial\Work\FinishTime;

use function Tests\Core\day;

/** The cause of the refusal, or null. */
function refusal(Closure $check): ?string
{
    try {
        $check();
    } catch (InvalidInput $e) {
        return "{$e->field()} {$e->cause()}";
    }

    return null;
}

it('takes a finish of today or of the last year', function (string $finish, ?string $refused) {
    expect(refusal(fn () => FinishTime::check(new DateTimeImmutable("{$finish} UTC"), new DateTimeImmutable('2026-03-18 08:00:00 UTC'))))->toBe($refused);
})->with([
    'now' => ['2026-03-18 08:00:00', null], 'a minute ahead' => ['2026-03-18 08:01:00', null], 'more than that' => ['2026-03-18 08:01:01', 'finished_at future'],
    'a year and a day back' => ['2025-03-17 08:00:00', null], 'further back' => ['2025-03-17 07:59:59', 'finished_at too_early'],
]);

it('takes no more hours than a day has, and none of a day to come', function (int $minutes, int $already, string $on, ?string $refused) {
    expect(refusal(fn () => BookedDay::check($minutes, $already, day($on), day('2026-03-18'), 'Odo')))->toBe($refused);
})->with([
    'an hour today' => [60, 0, '2026-03-18', null], 'a whole day' => [1440, 0, '2026-03-17', null], 'what is left of it' => [40, 1400, '2026-03-17', null],
    'a minute too many' => [41, 1400, '2026-03-17', 'minutes day_full'], 'nothing' => [0, 0, '2026-03-18', 'minutes out_of_range'], 'too long' => [1441, 0, '2026-03-18', 'minutes out_of_range'],
    'tomorrow' => [60, 0, '2026-03-19', 'worked_on future'],
]);
