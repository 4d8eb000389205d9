<?php

declare(strict_types=1);

use App\Stores\Models\Claim;
use App\Stores\Queries\ClaimsReady;
use App\Stores\Queries\Promised;
use Illuminate\Support\Facades\DB;
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

it('names those to whom a part is promised in the order of their rank, the first of many', function () {
    $plant = Plant::build();
    $stock = Shelf::of($plant)->part('Q-1', [[2, '5.00']]);
    mt_srand(7);
    DB::table('part_claims')->insert(array_map(static fn (int $i): array => [
        'site_id' => $plant->site->id,
        'stock_id' => $stock->id,
        'subject_kind' => 'order',
        'subject_id' => $i,
        'label' => "W-{$i}",
        'quantity' => '1',
        'needed_on' => mt_rand(0, 3) === 0 ? null : sprintf('2026-04-%02d', mt_rand(1, 9)),
        'strokes' => mt_rand(1, 4),
        'approved_at' => sprintf('2026-03-0%d 08:00:00.000000', mt_rand(1, 4)),
    ], range(1, 70)));
    $ranked = Claim::query()->get()->sort(
        static fn (Claim $one, Claim $other): int => $one->rank()->against($other->rank()),
    );
    $promised = app(Promised::class)->ofPart($stock->part_id, $plant->site->id);

    expect($promised->first->pluck('id')->all())
        ->toBe($ranked->take(60)->pluck('id')->all())
        ->and([$promised->many, $promised->isMore()])
        ->toBe([70, true]);
    $this->as('planner')->get("/parts/{$stock->part_id}")->assertSee('The first 60 of')->assertSee('70, by rank');
});
