<?php

declare(strict_types=1);

use App\Stores\Demand\AskedFor;
use App\Stores\Demand\PartDemand;
use App\Stores\Queries\DemandAhead;
use Sundial\Calendar\LocalDate;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

/** @return list<string> what takes a part, and how many */
function takers(int $partId, AskedFor ...$asked): array
{
    return array_map(
        static fn (PartDemand $one): string => preg_replace('/^W-\d+ /', '', $one->what)." {$one->thousandths}",
        app(DemandAhead::class)->firstOf(...$asked)[$partId],
    );
}

it('names what takes each part up to its own day, asked for together or alone, sums known or not', function () {
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $seal = $shelf->part('SEAL')->part_id;
    $belt = $shelf->part('BELT', [[1, '40.00']])->part_id;
    $today = LocalDate::parse('2026-03-18');
    $shelf->order('Seal soon', ['SEAL' => 1], $today->plusDays(4));
    $shelf->order('Seal late', ['SEAL' => 1], $today->plusDays(50));
    $shelf->approved('Belt now', ['BELT' => 3], $today->plusDays(2));
    $shelf->order('Belt late', ['BELT' => 2], $today->plusDays(50));
    $site = $plant->site->id;
    $near = new AskedFor($site, $seal, null, $today->plusDays(10), 9);
    $far = new AskedFor($site, $belt, null, $today->plusDays(60), 9);
    $known = AskedFor::knowing(
        app(DemandAhead::class)->totals($site, null, $today->plusDays(60)),
        $near,
        $far,
    );

    expect(takers($seal, $near, $far))
        ->toBe(['Seal soon 1000'])
        ->and(takers($belt, $near, $far))
        ->toBe(['Belt now 2000', 'Belt late 2000'])
        ->and(takers($seal, ...$known))
        ->toBe(['Seal soon 1000'])
        ->and(takers($belt, ...$known))
        ->toBe(['Belt now 2000', 'Belt late 2000'])
        ->and(takers($belt, new AskedFor($site, $belt, $today->plusDays(3), $today->plusDays(60), 9)))
        ->toBe(['Belt late 2000'])
        ->and(takers($belt, new AskedFor($site, $belt, null, $today->plusDays(60), 1)))
        ->toBe(['Belt now 2000']);
});
