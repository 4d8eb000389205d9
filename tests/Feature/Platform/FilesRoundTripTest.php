<?php

declare(strict_types=1);

use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Stores\Actions\SetFit;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;
use Sundial\Support\Csv;
use Tests\Feature\BroughtFile;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;
use Tests\Feature\Stores\Shelf;

use function Tests\Core\tries;

/** A small plant that has something of each kind that a file can hold. */
function plantOfFiles(): Plant
{
    $plant = Plant::build();
    $supplier = Supplier::query()->create(['name' => 'Hollin Bearings', 'phone' => '+44 1632 960111']);
    Supplier::query()->create(['name' => 'Brookside Pumps']);
    $shelf = Shelf::of($plant);
    $shelf->part('BRG-1', [[6, '18.40']], [
        'name' => 'Ball bearing',
        'supplier_id' => $supplier->id,
        'lead_days' => 12,
        'criticality' => 'B',
        'buy_unit' => 'box',
        'buy_of' => '10',
        'note' => 'keep dry, "sealed"',
    ]);
    $shelf->part('DRV-1', [], ['repair_days' => 20, 'scrapped_percent' => 10, 'tracked' => 'serial']);
    app(SetFit::class)(Actor::sundial(), $plant->pump, 'BRG-1', null, '2.5', 'drive end');
    $plant->meter();
    $plant->schedule(['name' => 'Seal check']);
    $floor = LineFloor::of($plant);
    $shift = $floor->shift('2026-03-17');
    test()->as('planner')->put("/shifts/{$shift->id}", $floor->form($shift, 400, 8))->assertSessionHasNoErrors();
    BroughtFile::of('orders', implode("\n", [
        'former_number,title,on,type,state,finished,hours,labour_cost,mode,cause',
        'A-1,Change the seal,PMP-01,corrective,closed,2026-02-10 11:40,6.5,227.50,leaks outside,age and use',
        'A-2,Paint the railing,HALL,improvement,planned,,,,,',
    ]))->load();

    return $plant;
}

/** The same file with other cells in its first row. */
function withCells(string $csv, array $cells): string
{
    $records = Csv::records($csv);
    foreach ($cells as $column => $cell) {
        expect($records[0])->toContain($column);
        $records[1][array_search($column, $records[0], true)] = $cell;
    }

    return implode("\r\n", array_map(
        static fn (array $row): string => implode(',', array_map(
            static fn (string $cell): string => '"'.str_replace('"', '""', $cell).'"',
            $row,
        )),
        $records,
    ));
}

/** What a file says in a column of its first row. */
function firstCell(string $csv, string $column): string
{
    $records = Csv::records($csv);

    return $records[1][array_search($column, $records[0], true)];
}

it('gives out what stands in a form that changes nothing when it is loaded again', function () {
    plantOfFiles();
    foreach (
        ['register', 'meters', 'suppliers', 'catalogue', 'stock', 'parts', 'schedules', 'orders', 'output'] as $what
    ) {
        $csv = BroughtFile::standing($what);
        expect(substr_count($csv, "\r\n"))->toBeGreaterThan(1, $what);
        BroughtFile::of($what, $csv)->page()->assertSee('there is nothing to load');
    }
});

it('changes what a file says otherwise, and takes it back to the letter', function () {
    plantOfFiles();
    foreach ([
        ['register', ['name' => 'Another name']],
        ['meters', ['window days' => '30', 'expected per year' => '5000']],
        ['suppliers', ['phone' => '01632 960222', 'notes' => "two\nlines"]],
        ['catalogue', ['name' => 'Roller bearing', 'lead days' => '9', 'criticality' => 'A']],
        ['catalogue', ['supplier' => 'Brookside Pumps', 'price' => '19.25']],
        ['catalogue', ['buy unit' => 'crate', 'buy of' => '24', 'in use' => 'no']],
        ['stock', ['bin' => 'Z-9', 'reorder point' => '7', 'order quantity' => '20', 'most' => '30']],
        ['parts', ['quantity' => '4', 'note' => 'fan end']],
        ['schedules', ['every' => '21', 'lead' => '5']],
    ] as [$what, $cells]) {
        $before = BroughtFile::standing($what);
        $file = BroughtFile::of($what, withCells($before, $cells));
        $file->page()->assertSee('change <b>1</b>', false);
        $file->load();
        $after = BroughtFile::standing($what);
        foreach ($cells as $column => $cell) {
            expect(firstCell($after, $column))->toBe($cell, "{$what} {$column}");
        }
        $file->takeBack()->assertSessionHasNoErrors();
        $file->page()->assertSee('The file was taken back');
        expect(BroughtFile::standing($what))->toBe($before, $what);
    }
});

it('leaves what somebody changed since, when a file is taken back', function () {
    plantOfFiles();
    $before = BroughtFile::standing('catalogue');
    $file = BroughtFile::of('catalogue', withCells($before, ['name' => 'Roller bearing', 'lead days' => '9']))->load();
    $part = Part::query()->where('number', 'BRG-1')->sole();
    $part->forceFill(['name' => 'Needle bearing'])->save();
    $file->takeBack()->assertSessionHasNoErrors();
    expect([$part->refresh()->name, $part->lead_days])->toBe(['Needle bearing', 12]);
});

it('takes nothing back of what is in use by now, and names it', function (
    string $what,
    string $csv,
    Closure $use,
    string $named,
) {
    $plant = plantOfFiles();
    $file = BroughtFile::of($what, $csv)->load();
    $before = BroughtFile::standing($what);
    $use($plant);
    $file->takeBack()->assertSessionHasErrors('file');
    expect(implode(' ', session('errors')->all()))
        ->toContain('Nothing was taken back')
        ->toContain($named)
        ->and(BroughtFile::standing($what))
        ->toBe($before);
})->with([
    'a part that an asset has' => [
        'catalogue',
        "number,name\nNEW-1,New seal\nNEW-2,New belt\n",
        fn (Plant $plant) => app(SetFit::class)(Actor::sundial(), $plant->pump, 'NEW-1', null, '1'),
        'NEW-1',
    ],
    'a supplier from whom a part comes' => [
        'suppliers',
        "name\nNorth Seals\n",
        fn () => Part::query()
            ->where('number', 'BRG-1')
            ->update(['supplier_id' => Supplier::query()->where('name', 'North Seals')->value('id')]),
        'North Seals',
    ],
]);

it('reads its own template: what it names stands or is made, or is named as missing', function () {
    plantOfFiles();
    foreach ([
        'catalogue' => ['It would make', 'BRG-6205'],
        'suppliers' => ['It would make'],
        'orders' => ['FIN-STN'],
        'stock' => ['BRG-6205'],
        'schedules' => ['FP-1'],
        'output' => ['LM-14'],
    ] as $what => $says) {
        BroughtFile::of($what, BroughtFile::template($what))->page()->assertSeeInOrder($says);
    }
});

it('shows in the template of orders what people write, not what is stored', function () {
    Plant::build();
    expect(BroughtFile::template('orders'))->toContain('227.50,48.20')->not->toContain('22750');
});

it('names what is wrong in a file of whatever cells, or loads it, and never breaks', function () {
    plantOfFiles();
    $nasty = ['-1', '0', '1e309', '999999999999999999999', 'x', '1,5', '2026-02-30', '10000-01-01', '25:61', '💥',
        "a\0b", "two\nlines", '=1+1', '<b>"\'&', str_repeat('long ', 80), 'yes', 'PMP-01', ''];
    $tried = [];
    foreach (['register', 'meters', 'readings', 'schedules', 'suppliers', 'catalogue', 'stock', 'parts', 'output',
        'orders'] as $what) {
        $csv = in_array($what, ['readings', 'orders'], true)
            ? BroughtFile::template($what)
            : BroughtFile::standing($what);
        foreach (Csv::records($csv)[0] as $column) {
            foreach ($nasty as $cell) {
                $tried[] = [$what, withCells($csv, [$column => $cell]), "{$what}, {$column}: ".mb_substr($cell, 0, 20)];
            }
        }
    }
    mt_srand(20260318);
    shuffle($tried);
    foreach (array_slice($tried, 0, tries(2500)) as [$what, $csv, $said]) {
        DB::beginTransaction();
        try {
            BroughtFile::tried($what, $csv);
        } catch (Throwable $e) {
            throw new RuntimeException("{$said}: {$e->getMessage()}", 0, $e);
        }
        DB::rollBack();
    }
});
