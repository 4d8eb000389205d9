<?php

declare(strict_types=1);

use Sundial\Work\Former\FormerOrder;

it('tells what of a former order cannot be', function (array $cells, array $columns) {
    expect(array_keys(FormerOrder::of($cells)->wrong('2026-03-18 08:00')))->toBe($columns);
})->with([
    'closed and finished' => [['state' => 'closed', 'finished' => '2026-03-18 08:00'], []],
    'closed where no state is told' => [[], ['finished']],
    'open' => [['state' => 'planned'], []],
    'open and finished' => [['state' => 'approved', 'finished' => '2026-03-01 08:00'], ['finished']],
    'cancelled' => [['state' => 'cancelled'], []],
    'finished in the future' => [['finished' => '2026-03-18 08:01'], ['finished']],
    'begun after its end' => [['started' => '2026-03-02 08:01', 'finished' => '2026-03-02 08:00'], ['started']],
    'open and begun in the future' => [['state' => 'planned', 'started' => '2026-03-19 08:00'], ['started']],
    'less than nothing' => [
        ['state' => 'cancelled', 'hours' => '-1.000', 'labour_cost' => '-1', 'parts_cost' => '0'],
        ['hours', 'labour_cost'],
    ],
    'a cause without a mode' => [['state' => 'cancelled', 'cause' => 'age and use'], ['mode']],
    'a cause with one' => [['state' => 'cancelled', 'mode' => 'leaks', 'cause' => 'age and use'], []],
]);
