<?php

declare(strict_types=1);

namespace App\Stores\Imports;

use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Import\ImportKind;
use App\Platform\Import\InUse;
use App\Platform\Import\Trace;
use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Stores\Models\Part;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Costing\UnitPrice;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\RegisterFile;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** The catalogue of parts in and out. */
final readonly class CatalogueImport implements ImportKind
{
    public function __construct(private SavePart $save, private Audit $audit)
    {
    }

    public function key(): string
    {
        return 'catalogue';
    }

    public function title(): string
    {
        return 'Parts';
    }

    public function about(): string
    {
        return 'A row is one part of the catalogue, known again by its number.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::WriteParts;
    }

    public function href(): string
    {
        return '/parts';
    }

    public function columns(int $siteId): array
    {
        return PartInput::columns();
    }

    public function examples(): array
    {
        return [
            [
                'number' => 'BRG-6205',
                'name' => 'Ball bearing 6205',
                'unit' => 'pc',
                'price' => '18.4000',
                'currency' => 'EUR',
                'supplier' => 'Brookside Pumps',
                'in_use' => 'yes',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $standing = [];
        foreach ($this->parts() as $part) {
            $standing[RegisterFile::key($part->number)] = ['id' => $part->id, 'cells' => $this->cells($part)];
        }
        $plan = Plan::compare(
            $sheet->rows,
            $sheet->problems,
            static fn (array $cells): string => RegisterFile::key($cells['number'] ?? null),
            $standing,
            'number',
        );
        $suppliers = Supplier::query()->pluck('id', 'name')->all();
        $problems = [];
        foreach ($plan->rows as $row) {
            $held = $row->does === RowOutcome::Make ? [] : $standing[RegisterFile::key($row->cells['number'])]['cells'];
            foreach (self::wrong($row->cells + $held, $suppliers) as $column => $message) {
                $problems[] = ['row' => $row->row, 'column' => $column, 'message' => $message];
            }
        }

        return $plan->refusing($problems);
    }

    /**
     * @param  array<string, string|null>  $cells
     * @param  array<string, int>  $suppliers
     * @return array<string, string> messages by column
     */
    private static function wrong(array $cells, array $suppliers): array
    {
        $wrong = [];
        if (! isset($cells['name'])) {
            $wrong['name'] = 'A part that is not in the catalogue yet needs a name.';
        }
        try {
            isset($cells['price']) ? UnitPrice::parse($cells['price']) : null;
        } catch (InvalidInput $e) {
            $wrong['price'] = $e->getMessage();
        }
        if (isset($cells['price']) && preg_match('/^[A-Z]{3}$/D', $cells['currency'] ?? '') !== 1) {
            $wrong['currency'] = 'A price needs a currency, written as three capital letters, such as EUR.';
        }
        foreach (['buy', 'issue'] as $what) {
            try {
                [$unit, $of] = ["{$what}_unit", "{$what}_of"];
                PartInput::of([$unit => $cells[$unit] ?? '', $of => $cells[$of] ?? '']);
            } catch (InvalidInput $e) {
                $wrong[$e->field()] = $e->getMessage();
            }
        }
        if (isset($cells['supplier']) && ! isset($suppliers[$cells['supplier']])) {
            $wrong['supplier'] = "There is no supplier “{$cells['supplier']}”. Add them under Suppliers first.";
        }

        return $wrong;
    }

    public function isTried(): bool
    {
        return false;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        foreach ($plan->rows as $row) {
            if ($row->does === RowOutcome::Make) {
                $input = $this->input($row->cells);
                $trace->made('part', ($this->save)($by, null, PartInput::of($input))->id);
            }
            if ($row->does === RowOutcome::Change) {
                $part = Part::query()->findOrFail((int) $row->id);
                $changed = array_map(static fn (array $change): ?string => $change[1], $row->changes);
                ($this->save)($by, $part, PartInput::of($this->input($changed + $this->cells($part))));
                $trace->changedBy($row, 'part', $part->id);
            }
            $trace->step();
        }
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        $made = array_column(array_filter($did, static fn (array $line): bool => $line['did'] === 'made'), 'id');
        $used = InUse::of('parts', $made);
        if ($used !== []) {
            throw InvalidInput::because(
                'in_use',
                'file',
                'Nothing was taken back, because some of the parts are in use by now: '.
                    Part::query()->whereKey(array_keys($used))->limit(5)->pluck('number')->implode(', ').
                    '.',
            );
        }
        foreach ($did as $line) {
            $part = Part::query()->find($line['id']);
            if ($part === null) {
                continue;
            }
            if ($line['did'] === 'made') {
                $this->audit->record($by, $part->subject(), "took part {$part->number} back");
                $part->delete();

                continue;
            }
            $now = $this->cells($part);
            $back = Trace::back($line, $now);
            $back === [] ? null : ($this->save)($by, $part, PartInput::of($this->input($back + $now)));
        }
    }

    public function standing(int $siteId): iterable
    {
        foreach ($this->parts() as $part) {
            yield ['number' => $part->number] + $this->cells($part);
        }
    }

    private static function whole(?int $number): ?string
    {
        return $number === null ? null : (string) $number;
    }

    private static function many(?string $quantity): ?string
    {
        return $quantity === null ? null : str_replace("\u{202f}", '', Quantity::words(Quantity::parse($quantity)));
    }

    /** @return iterable<Part> */
    private function parts(): iterable
    {
        return Part::query()->with('supplier')->orderBy('number')->lazy(500);
    }

    /** @return array<string, string|null> */
    private function cells(Part $part): array
    {
        return [
            'name' => $part->name,
            'unit' => $part->unit,
            'price' => $part->price === null ? null : UnitPrice::parse($part->price)->plain(),
            'currency' => $part->currency,
            'supplier' => $part->supplier?->name,
            'lead_days' => self::whole($part->lead_days),
            'class' => $part->class,
            'criticality' => $part->criticality,
            'note' => $part->note,
            'buy_unit' => $part->buy_unit,
            'buy_of' => self::many($part->buy_of),
            'issue_unit' => $part->issue_unit,
            'issue_of' => self::many($part->issue_of),
            'tracked' => $part->tracked,
            'shelf_days' => self::whole($part->shelf_days),
            'repair_days' => self::whole($part->repair_days),
            'scrapped_percent' => self::whole($part->repair_days === null ? null : $part->scrapped_percent),
            'in_use' => $part->retired ? '0' : '1',
        ];
    }

    /**
     * @param  array<string, string|null>  $cells
     * @return array<string, string|int|bool|null>
     */
    private function input(array $cells): array
    {
        $plain = ['number', 'name', 'price', 'currency', 'class', 'criticality', 'note', 'tracked'];
        $plain = [...$plain, 'buy_unit', 'buy_of', 'issue_unit', 'issue_of'];
        $input = array_intersect_key($cells, array_flip($plain));
        foreach (['lead_days', 'shelf_days', 'repair_days'] as $days) {
            $input[$days] = isset($cells[$days]) ? (int) $cells[$days] : null;
        }
        $input['scrapped_percent'] = (int) ($cells['scrapped_percent'] ?? 0);
        $input['unit'] = $cells['unit'] ?? 'pc';
        $input['retired'] = ($cells['in_use'] ?? '1') === '0';
        $input['supplier_id'] = isset($cells['supplier'])
            ? (int) DB::table('suppliers')->where('name', $cells['supplier'])->value('id')
            : null;

        return $input;
    }
}
