<?php

declare(strict_types=1);

namespace App\Stores\Imports;

use App\Platform\Audit\Actor;
use App\Platform\Import\ImportKind;
use App\Platform\Import\Trace;
use App\Platform\Sites\SiteDays;
use App\Stores\Actions\OpenStock;
use App\Stores\Actions\ReverseReceipt;
use App\Stores\Actions\SetStock;
use App\Stores\Actions\StockInStore;
use App\Stores\Inputs\StockInput;
use App\Stores\Models\Movement;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use App\Stores\Stock\Posting;
use Sundial\Access\Right;
use Sundial\Costing\UnitPrice;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\PlannedRow;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\RegisterFile;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** What lies in the stores, in and out: bins, reorder points, and how much lay there when it began to be kept. */
final readonly class StockImport implements ImportKind
{
    public function __construct(
        private StockInStore $rows,
        private SetStock $set,
        private OpenStock $open,
        private ReverseReceipt $reverse,
        private SiteDays $days,
    ) {
    }

    public function key(): string
    {
        return 'stock';
    }

    public function title(): string
    {
        return 'Stock';
    }

    public function about(): string
    {
        return 'A row is a part in a store, known again by its number and the code of the store. How much lies there '.
            'is taken once, when it begins to be kept; later it is counted.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::KeepStores;
    }

    public function href(): string
    {
        return '/parts';
    }

    public function columns(int $siteId): array
    {
        return [
            Column::text('number', 60)->needed()->saying('of a part of the catalogue'),
            Column::text('store', 20)->needed()->saying('the code of a store of this site'),
            Column::text('bin', 20),
            Column::of('on_hand', CellKind::Number)->saying('how much lies there, where nothing moved yet'),
            Column::text('price', 20)->saying('of one; empty: as in the catalogue'),
            Column::of('reorder_point', CellKind::Number),
            Column::of('order_quantity', CellKind::Number)->saying('how much is bought at a time'),
            Column::of('most', CellKind::Number),
        ];
    }

    public function examples(): array
    {
        return [
            [
                'number' => 'BRG-6205',
                'store' => 'MAIN',
                'bin' => 'C-14',
                'on_hand' => '6',
                'price' => '18.4000',
                'reorder_point' => '2',
                'order_quantity' => '6',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $standing = [];
        foreach ($this->stock($siteId) as $row) {
            $standing[self::keyOf($row->part->number, $row->store->code)] = [
                'id' => $row->id,
                'cells' => $this->cells($row),
            ];
        }

        return Plan::compare(
            $sheet->rows,
            $sheet->problems,
            static fn (array $cells): string => self::keyOf($cells['number'] ?? null, $cells['store'] ?? null),
            $standing,
            'number',
        );
    }

    public function isTried(): bool
    {
        return true;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        $currency = $this->days->site($siteId)->currency;
        foreach ($plan->rows as $row) {
            $trace->attempt($row, fn () => match ($row->does) {
                RowOutcome::Make => $trace->made('stock', $this->make($by, $siteId, $row->cells, $currency)->id),
                RowOutcome::Change => $this->change($by, $row, $trace),
                default => null,
            });
        }
    }

    /**
     * @param  array<string, string|null>  $cells
     *
     * @throws InvalidInput no_part, no_store, no_price
     */
    private function make(Actor $by, int $siteId, array $cells, string $currency): Stock
    {
        $part = Part::query()->where('number', $cells['number'])->first() ?? throw InvalidInput::because(
            'no_part',
            'number',
            'The catalogue has no such part. Load the parts first.',
        );
        $store = Store::query()->where('site_id', $siteId)->where('code', $cells['store'])->first();
        $stock = ($this->rows)($part->id, $store->id ?? throw InvalidInput::because(
            'no_store',
            'store',
            'This site has no such store. Open it under Setup, Stores first.',
        ));
        ($this->set)($by, $stock, StockInput::typed($cells));
        $this->open($by, $stock, $cells, $part->priceIn($currency));

        return $stock;
    }

    private function change(Actor $by, PlannedRow $row, Trace $trace): void
    {
        $stock = Stock::query()->with('part')->findOrFail((int) $row->id);
        $changed = array_map(static fn (array $change): ?string => $change[1], $row->changes);
        ($this->set)($by, $stock, StockInput::typed($changed + $this->cells($stock)));
        if (isset($changed['on_hand'])) {
            $this->open($by, $stock, $changed, $stock->part->priceIn($this->days->site($stock->site_id)->currency));
        }
        $trace->changedBy($row, 'stock', $stock->id);
    }

    /** @param  array<string, string|null>  $cells */
    private function open(Actor $by, Stock $stock, array $cells, ?UnitPrice $usual): void
    {
        $many = Quantity::parse($cells['on_hand'] ?? '0', 'on_hand');
        if ($many !== 0) {
            $price = isset($cells['price']) ? UnitPrice::parse($cells['price']) : $usual;
            ($this->open)($stock, $many, $price ?? throw InvalidInput::because(
                'no_price',
                'price',
                'Say what one is worth; the catalogue does not know it.',
            ), Posting::by($by, MoveKind::Receipt));
        }
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        foreach ($did as $line) {
            $stock = Stock::query()->find($line['id']);
            if ($stock === null) {
                continue;
            }
            if ($line['did'] !== 'made') {
                $now = $this->cells($stock);
                $back = Trace::back($line, $now);
                $back === [] ? null : ($this->set)($by, $stock, StockInput::typed($back + $now));

                continue;
            }
            $moves = Movement::query()->where('stock_id', $stock->id)->get();
            if ($moves->count() > 1) {
                throw InvalidInput::because(
                    'in_use',
                    'file',
                    "Nothing was taken back: {$stock->part->number} has moved since it was loaded.",
                );
            }
            foreach ($moves as $move) {
                ($this->reverse)($by, $move, 'the file was taken back', Consent::NotAsked);
            }
        }
    }

    public function standing(int $siteId): iterable
    {
        foreach ($this->stock($siteId) as $row) {
            yield ['number' => $row->part->number, 'store' => $row->store->code] + $this->cells($row);
        }
    }

    /** @return iterable<Stock> */
    private function stock(int $siteId): iterable
    {
        return Stock::query()->with(['part', 'store'])->where('site_id', $siteId)->orderBy('id')->lazy(500);
    }

    /** @return array<string, string|null> */
    private function cells(Stock $stock): array
    {
        return [
            'bin' => $stock->bin,
            'on_hand' => $stock->on_hand,
            'price' => null,
            'reorder_point' => $stock->reorder_point,
            'order_quantity' => $stock->order_quantity,
            'most' => $stock->most,
        ];
    }

    private static function keyOf(?string $number, ?string $store): string
    {
        return $number === null || $store === null ? '' : RegisterFile::key($number).' '.RegisterFile::key($store);
    }
}
