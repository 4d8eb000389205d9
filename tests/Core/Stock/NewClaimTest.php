<?php

declare(strict_types=1);

use Sundial\Calendar\LocalDate;
use Sundial\Stock\ClaimRank;
use Sundial\Stock\GivingWay;
use Sundial\Stock\NewClaim;
use Sundial\Stock\Promise;
use Sundial\Stock\PromisedStock;
use Sundial\Stock\Resupply;

use function Tests\Core\tries;

it('is promised what is free where nobody waits, and weighed where somebody does', function (
    array $asked,
    ?int $promised,
) {
    expect(NewClaim::alone(...$asked))->toBe($promised);
})->with([
    'all of it is free' => [[2000, 5000, 0, 0, 0], 2000],
    'some of it is free, and nothing comes' => [[2000, 500, 0, 0, 0], 500],
    'some of it is free, and more comes than is waited for' => [[2000, 500, 0, 0, 1], null],
    'nothing is free, and others count on all that comes' => [[2000, 0, 3000, 0, 3000], 0],
    'nothing is free, and more comes than others count on' => [[2000, 0, 3000, 0, 3001], null],
    'some is free though somebody waits' => [[2000, 5000, 1, 0, 0], null],
    'some is free though somebody waits elsewhere' => [[2000, 5000, 0, 1, 0], null],
    'nothing is free, and somebody waits elsewhere' => [[2000, 0, 0, 1000, 0], 0],
]);

it('comes to the same as weighing it against all others', function () {
    mt_srand(20261201);
    $alone = 0;
    for ($i = tries(5000); $i > 0; $i--) {
        // A stock that is filled by rank: nobody waits while something is free.
        [$onHand, $promises, $ranks, $days] = [mt_rand(0, 9), [], [], []];
        $free = $onHand;
        for ($n = mt_rand(0, 5); $n > 0; $n--) {
            $wants = mt_rand(1, 4);
            $gets = min($free, $wants);
            $free -= $gets;
            $promises[] = Promise::to("order {$n}", $gets, $wants - $gets);
            $days["order {$n}"] = LocalDate::parse('2026-03-18')->plusDays(mt_rand(0, 20));
            $ranks["order {$n}"] = ClaimRank::of(mt_rand(1, 4), $days["order {$n}"], "0{$n}");
        }
        $receipts = mt_rand(0, 1) === 0 ? [] : [[LocalDate::parse('2026-03-20'), mt_rand(1, 12)]];
        $stock = PromisedStock::of($onHand, ...$promises);
        $wants = mt_rand(1, 6);
        $had = NewClaim::alone(
            $wants,
            $stock->free(),
            $stock->shortages(),
            0,
            Resupply::of($receipts)->until(null),
        );
        if ($had === null) {
            continue;
        }
        $alone++;
        $after = $stock->approve('new', $wants);
        $rank = ClaimRank::of(mt_rand(1, 4), LocalDate::parse('2026-03-19'), '99');
        $coming = Resupply::of($receipts)->less($stock->shortages());
        $others = array_map(static fn (Promise $one): array => [
            $one->order,
            $ranks[$one->order],
            $one->reserved,
            $days[$one->order],
        ], array_reverse($promises));
        $givers = $after->promises()[count($promises)]->short === 0
            ? []
            : GivingWay::to($rank, $coming)->givers($others);
        $after = $after->giveWay('new', $givers)->after;
        expect($after->promises()[count($promises)]->reserved)
            ->toBe($had)
            ->and(array_slice($after->promises(), 0, -1))
            ->toEqual($promises);
    }
    expect($alone)->toBeGreaterThan(tries(500));
});
