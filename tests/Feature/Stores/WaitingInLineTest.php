<?php

declare(strict_types=1);

use App\Stores\Queries\ClaimsReady;
use Sundial\Calendar\LocalDate;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

it('expects a part for each order on the day on which those before it have theirs', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $stock = $shelf->part('Q-1', [[2, '5.00']]);
    $day = static fn (string $day): LocalDate => LocalDate::parse($day);
    // Approved in another order than they are due in.
    $last = $shelf->approved('Due last', ['Q-1' => 4], $day('2026-05-01'));
    $first = $shelf->approved('Due first', ['Q-1' => 2], $day('2026-04-01'));
    $middle = $shelf->approved('Due in between', ['Q-1' => 3], $day('2026-04-15'));
    $shelf->onItsWay('Q-1', 3, '2026-04-05');
    $shelf->onItsWay('Q-1', 3, '2026-04-20');

    $ready = app(ClaimsReady::class)->of('order', [$last->id, $first->id, $middle->id]);
    $of = static fn (int $id): array => [
        $ready[$id][$stock->part_id]->isHere,
        $ready[$id][$stock->part_id]->isOrdered,
        $ready[$id][$stock->part_id]->on === null ? null : (string) $ready[$id][$stock->part_id]->on,
    ];
    // The two that lie there were promised to whoever asked first, who lacks two more; six come, and seven are lacking.
    expect([$of($first->id), $of($middle->id), $of($last->id)])
        ->toBe([[false, true, '2026-04-05'], [false, true, '2026-04-20'], [false, false, null]]);
    // The same whoever is asked for alone.
    foreach ([$first, $middle, $last] as $order) {
        expect(app(ClaimsReady::class)->of('order', [$order->id]))->toEqual([$order->id => $ready[$order->id]]);
    }
});
