<?php

declare(strict_types=1);

use App\Stores\Models\Movement;
use App\Stores\Models\Stock;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\MoveKind;
use Sundial\Stock\StockBalance;
use Symfony\Component\Process\Process;
use Tests\Feature\Plant;
use Tests\Feature\Stores\Shelf;

use function Tests\Core\tries;

afterEach(function () {
    Artisan::call('migrate:fresh');
});

/** @param  list<string>  $arguments */
function begun(string $script, array $arguments): Process
{
    $process = new Process(
        [PHP_BINARY, $script, ...$arguments],
        base_path(),
        ['SUNDIAL_NOW' => '2026-03-18 08:00:00'],
        null,
        300,
    );
    $process->start();

    return $process;
}

it('moves the same parts by eight people at once: the books are what a replay of the ledger says', function () {
    Artisan::call('migrate:fresh');
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $shelf->part('SEAL', [[2, '5.00']]);
    $shelf->part('BELT', [[1, '40.00']]);
    $shelf->part('NUT', [[9, '0.35']]);
    $shelf->another('SHED', 'Shed');
    $people = array_map(
        static fn (int $seed): Process => begun('tests/Feature/Processes/stores.php', [
            (string) $seed,
            (string) intdiv(tries(10000), 8),
        ]),
        range(1, 8),
    );
    $went = 0;
    foreach ($people as $process) {
        $process->wait();
        expect($process->getExitCode())->toBe(0, $process->getErrorOutput().$process->getOutput());
        $said = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        expect($said['broken'])->toBe([]);
        $went += $said['went'];
    }
    Artisan::call('bench:check');
    expect(trim(Artisan::output()))->toBe('Everything hangs together.')->and($went)->toBeGreaterThan(tries(3000));
    foreach (Stock::query()->get() as $stock) {
        [$hand, $cents] = [0, 0];
        foreach (Movement::query()->where('stock_id', $stock->id)->orderBy('id')->get() as $move) {
            $balance = StockBalance::standing($hand, $cents, UnitPrice::of(1));
            if (in_array($move->kind, [MoveKind::Issue, MoveKind::Scrap], true)) {
                expect($move->value_cents)->toBe($balance->issue(-$move->thousandths())->cents);
            }
            $hand += $move->thousandths();
            $cents += $move->value_cents;
            expect([$move->on_hand_after, $move->value_after_cents])
                ->toBe([number_format($hand / 1000, 3, '.', ''), $cents])
                ->and($hand)
                ->toBeGreaterThanOrEqual(0);
        }
        expect([$stock->balance()->onHand, $stock->value_cents])->toBe([$hand, $cents]);
    }
});

it('gives the last piece to one of two who take it at the same time, and tells the other', function () {
    Artisan::call('migrate:fresh');
    $plant = Plant::build();
    $shelf = Shelf::of($plant);
    $stock = $shelf->part('SEAL', [[1, '5.00']]);
    $first = $shelf->underWay('One', []);
    $second = $shelf->underWay('Other', []);
    $take = static fn (int $order): Process => begun('tests/Feature/Processes/take.php', [
        (string) $order,
        (string) $stock->part_id,
    ]);
    DB::beginTransaction();
    DB::table('stock')->where('id', $stock->id)->lockForUpdate()->first();
    $both = [$take($first->id), $take($second->id)];
    untilWaiting(2);
    DB::rollBack();
    $said = array_map(static function (Process $process): string {
        $process->wait();

        return trim($process->getOutput());
    }, $both);
    sort($said);
    expect($said[0])
        ->toContain('There are 0 pc')
        ->and($said[1])
        ->toBe('taken')
        ->and($stock->refresh()->on_hand)
        ->toBe('0.000');
});
