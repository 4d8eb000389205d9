<?php

declare(strict_types=1);

use App\Platform\Subject;
use App\Stores\Actions\ClaimParts;
use App\Stores\Actions\StockInStore;
use App\Stores\Inputs\PartsWanted;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

use function Tests\Core\tries;

/** @return array<string, mixed> what stands in the books after some claimed, and how many audit lines told of it */
function claimedBy(Closure $claims): array
{
    DB::beginTransaction();
    $claims();
    $rows = static fn (string $table, string ...$columns): array => DB::table($table)
        ->orderBy('stock_id')
        ->orderBy('subject_id')
        ->get($columns)
        ->map(static fn (object $row): array => (array) $row)
        ->all();
    $stands = [
        'claims' => $rows('part_claims', 'stock_id', 'subject_id', 'quantity', 'promised', 'picked', 'label'),
        'demands' => $rows('stock_demands', 'stock_id', 'subject_id', 'quantity', 'at_once'),
        'stock' => DB::table('stock')->orderBy('id')->pluck('promised', 'id')->all(),
        'short' => DB::table('stock')->orderBy('id')->pluck('short', 'id')->all(),
        'told' => DB::table('audit_entries')->where('did', 'like', 'promised %')->count(),
    ];
    DB::rollBack();

    return $stands;
}

it('claims for several at once what each would have got one after the other', function (int $seed) {
    mt_srand($seed);
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shed = $shelf->another('SHED', 'Shed');
    $parts = [];
    foreach (['SEAL', 'BELT', 'NUT'] as $number) {
        $many = mt_rand(0, 6);
        $stock = $shelf->part($number, $many === 0 ? [] : [[$many, '1.00']]);
        $parts[] = $stock->part_id;
        if (mt_rand(0, 1) === 1) {
            $shelf->onItsWay($number, mt_rand(1, 4), '2026-03-20');
        }
        if (mt_rand(0, 1) === 1) {
            app(StockInStore::class)($stock->part_id, $shed);
        }
    }
    $wants = static function (int $id) use ($parts, $plant): PartsWanted {
        $quantities = [];
        foreach ($parts as $part) {
            $quantities[$part] = mt_rand(0, 3) * 1000;
        }

        return PartsWanted::by(Subject::of('order', $id, $plant->site->id), "W-{$id}", $quantities)
            ->ranked(mt_rand(1, 4), sprintf('2026-03-%d', mt_rand(18, 28)), '2026-03-18 08:00:00');
    };
    // Some stand already, and claim again below: more, less, or nothing.
    foreach (range(1, 4) as $id) {
        app(ClaimParts::class)($wants($id));
    }
    $all = array_map($wants, [3, 5, 6, 1, 7, 8]);

    $together = claimedBy(static fn () => app(ClaimParts::class)(...$all));
    $oneByOne = claimedBy(static fn () => array_map(app(ClaimParts::class)->__invoke(...), $all));

    expect($together)->toBe($oneByOne)->and($together['claims'])->not->toBe([]);
})->with(range(1, max(10, tries(200))));
