<?php

declare(strict_types=1);

namespace Database\Demo;

use App\People\Models\Supplier;
use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Clock\SetClock;
use App\Platform\Fields\OfferField;
use App\Platform\Sites\Site;
use App\Platform\Writing\Seen;
use App\Stores\Actions\BookTool;
use App\Stores\Actions\FillPartFields;
use App\Stores\Actions\LendTool;
use App\Stores\Actions\MergeParts;
use App\Stores\Actions\ReceiveStock;
use App\Stores\Actions\SavePart;
use App\Stores\Actions\SaveTool;
use App\Stores\Actions\SendForRepair;
use App\Stores\Actions\SetPartSupplier;
use App\Stores\Actions\SetStock;
use App\Stores\Actions\StockInStore;
use App\Stores\Inputs\LentTo;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Inputs\PartInput;
use App\Stores\Inputs\SentForRepair;
use App\Stores\Inputs\StockInput;
use App\Stores\Inputs\SupplyInput;
use App\Stores\Inputs\ToolInput;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use App\Stores\Models\Tool;
use App\Stores\Stock\Posting;
use App\Work\Models\WorkOrder;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Stock\ToolDays;

/** What the stores of Ollerfell Mill follow more closely: batches, serial numbers, repairs, terms, special tools. */
final class DemoKeeping
{
    private const DRIVE = [
        'number' => 'DRV-15', 'name' => 'Inverter drive 15 kW', 'price' => '1180', 'class' => 'Electrical',
        'criticality' => 'A', 'lead_days' => 42, 'tracked' => 'serial', 'repair_days' => 35, 'scrapped_percent' => 20,
    ];

    private const GREASE = [
        'number' => 'GRS-2', 'name' => 'High-temperature grease, cartridge', 'price' => '9.4', 'class' => 'Lubricants',
        'criticality' => 'B', 'lead_days' => 7, 'tracked' => 'batch', 'shelf_days' => 365, 'buy_unit' => 'box',
        'buy_of' => '12',
    ];

    /** Days ago, how many, of which batch. */
    private const BATCHES = [[351, 12, 'K4471'], [120, 24, 'K5102'], [30, 12, 'K5390']];

    private const TOOLS = [
        ['T-003', 'Torque wrench 200–800 Nm', 'Tool crib, hook 3', 12],
        ['T-007', 'Hydraulic puller 30 t', 'Tool crib, floor', null],
        ['T-011', 'Laser alignment set', 'Tool crib, cupboard', 210],
        ['T-014', 'Vibration meter', 'Tool crib, cupboard', -4],
        ['T-018', 'Bearing heater', 'Workshop bench', null],
    ];

    private Actor $keeper;

    public function __construct(
        private readonly SavePart $savePart,
        private readonly StockInStore $rows,
        private readonly SetStock $set,
        private readonly ReceiveStock $receive,
        private readonly SendForRepair $send,
        private readonly SetPartSupplier $terms,
        private readonly MergeParts $merge,
        private readonly OfferField $field,
        private readonly FillPartFields $fill,
        private readonly SaveTool $saveTool,
        private readonly LendTool $lend,
        private readonly BookTool $book,
    ) {
    }

    /** What comes in under a batch or a serial number, and goes out for repair, on its day. */
    public function day(LocalDate $day, LocalDate $today): void
    {
        $this->keeper = User::query()->where('login', 'storekeeper')->sole()->actor();
        $ago = $day->daysUntil($today);
        foreach (self::BATCHES as [$came, $many, $batch]) {
            if ($ago === $came) {
                $this->come($this->stock(self::GREASE, '12'), $many, '9.40', $batch);
            }
        }
        if ($ago === 90) {
            $this->come($this->stock(self::DRIVE, '1'), 3, '1180', "D15-0311\nD15-0312\nD15-0347");
        }
        if ($ago === 40) {
            ($this->send)(
                $this->keeper,
                $this->stock(self::DRIVE, '1'),
                1000,
                new SentForRepair($this->supplier('Hollin Bearings'), null, null, LotsTyped::of('D15-0312')),
                Consent::WithRight,
            );
        }
    }

    public function thisMorning(SetClock $clock, LocalDate $today): void
    {
        $clock->set("{$today} 07:35:00");
        $this->agreed($today);
        $this->bores();
        $old = ($this->savePart)($this->keeper, null, PartInput::of([
            'number' => 'BRG6001', 'name' => 'Bearing 12 × 28', 'price' => '31.50', 'currency' => 'GBP',
            'class' => 'Bearings',
        ]));
        ($this->merge)($this->keeper, Part::query()->where('number', 'P-0101')->sole(), $old);
        $this->tools($today);
    }

    /** @param  array<string, string|int>  $facts */
    private function stock(array $facts, string $buys): Stock
    {
        $part = Part::query()->where('number', $facts['number'])->first() ??
            ($this->savePart)($this->keeper, null, PartInput::of($facts + ['currency' => 'GBP']));
        $store = Store::query()->where('code', 'MAIN')->sole();
        $stock = ($this->rows)($part->id, $store->id);
        if ($stock->bin === null) {
            $stock = ($this->set)($this->keeper, $stock, StockInput::typed([
                'bin' => 'H-01',
                'reorder_point' => '1',
                'order_quantity' => $buys,
            ]));
        }

        return $stock->load('part');
    }

    private function come(Stock $stock, int $many, string $price, string $lots): void
    {
        ($this->receive)(
            $stock->id,
            $many * 1000,
            UnitPrice::parse($price),
            Posting::by($this->keeper, MoveKind::Receipt)->lots(LotsTyped::of($lots)),
        );
    }

    /** Bearings are dearer from next month on. */
    private function agreed(LocalDate $today): void
    {
        $supplier = Supplier::query()->where('name', 'Hollin Bearings')->sole();
        foreach (['P-0101' => '32.11', 'P-0102' => '8.21', 'P-0108' => '37.19'] as $number => $price) {
            $part = Part::query()->where('number', $number)->sole();
            $later = UnitPrice::of(intdiv(UnitPrice::parse($price)->tenThousandths * 104, 10_000) * 100)->plain();
            foreach ([[$price, 0], [$later, 33]] as [$agreed, $in]) {
                ($this->terms)($this->keeper, $part, $supplier, SupplyInput::typed([
                    'their_number' => "HB/{$number}",
                    'their_price' => $agreed,
                    'price_from' => (string) $today->plusDays($in),
                    'their_days' => '5',
                    'least' => '2',
                ], $today), 'GBP');
            }
        }
    }

    private function bores(): void
    {
        $field = ($this->field)(
            Actor::sundial(),
            'part',
            ExtraField::of('Bore', FieldType::Number, 'mm', []),
            'Bearings',
        );
        foreach (Part::query()->where('number', 'like', 'P-01%')->where('class', 'Bearings')->get() as $part) {
            if (preg_match('/, (\d+) ×/u', $part->name, $found) === 1) {
                ($this->fill)($this->keeper, $part, [$field->id => $found[1]], Seen::unasked());
            }
        }
    }

    private function tools(LocalDate $today): void
    {
        $site = Site::query()->where('code', 'OM')->sole();
        $tools = [];
        foreach (self::TOOLS as [$number, $name, $place, $days]) {
            $until = $days === null ? null : $today->plusDays($days);
            $input = new ToolInput($number, $name, $place, $until, null);
            $tools[$number] = ($this->saveTool)($this->keeper, $site->id, null, $input);
        }
        $fitter = User::query()->where('login', 'technician')->sole()->id;
        $lent = new LentTo($fitter, $today->plusDays(1), 'hub of the raising machine');
        ($this->lend)($this->keeper, $tools['T-007'], $lent);
        $this->wanted($tools['T-003'], $site->id, $today);
    }

    /** Two orders of the week want the torque wrench on one day. */
    private function wanted(Tool $tool, int $siteId, LocalDate $today): void
    {
        $orders = WorkOrder::query()
            ->where('site_id', $siteId)
            ->where('state', 'approved')
            ->orderByDesc('id')
            ->limit(2)
            ->get();
        foreach ($orders as $i => $order) {
            ($this->book)(
                $this->keeper,
                $tool,
                $order->subject(),
                "{$order->label()} {$order->title}",
                ToolDays::of($today->plusDays(5), $today->plusDays(5 + $i)),
            );
        }
    }

    private function supplier(string $name): int
    {
        return Supplier::query()->where('name', $name)->sole()->id;
    }
}
