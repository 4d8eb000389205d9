<?php

declare(strict_types=1);

use Sundial\Planning\Trigger\RuleKind;

it('says what a new schedule needs, by what leads it', function (string $kind, array $needs, bool $calendar) {
    expect(RuleKind::from($kind)->needs())
        ->toBe($needs)
        ->and(RuleKind::from($kind)->isByCalendar())
        ->toBe($calendar);
})->with([
    ['interval', ['method', 'every', 'first_date'], true],
    ['weekdays', ['method', 'every', 'first_date', 'weekdays'], true],
    ['nth', ['method', 'every', 'first_date', 'weekdays', 'which'], true],
    ['usage', ['method', 'meter', 'every_units'], false],
    ['condition', ['method', 'gauge', 'limit'], false],
]);
