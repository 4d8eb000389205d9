<?php

declare(strict_types=1);

namespace App\People\Imports;

use App\People\Actions\SaveSupplier;
use App\People\Inputs\SupplierInput;
use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Import\ImportKind;
use App\Platform\Import\InUse;
use App\Platform\Import\Trace;
use Sundial\Access\Right;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\RegisterFile;
use Sundial\Support\InvalidInput;

/** Suppliers and contractors in and out. */
final readonly class SupplierImport implements ImportKind
{
    public function __construct(private SaveSupplier $save, private Audit $audit)
    {
    }

    public function key(): string
    {
        return 'suppliers';
    }

    public function title(): string
    {
        return 'Suppliers and contractors';
    }

    public function about(): string
    {
        return 'A row is a company, known again by its name. All sites share them.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::WriteRegister;
    }

    public function href(): string
    {
        return '/suppliers';
    }

    public function columns(int $siteId): array
    {
        return SupplierInput::columns();
    }

    public function examples(): array
    {
        return [
            [
                'name' => 'Brookside Pumps',
                'contractor' => 'no',
                'serves' => 'pumps and their seals',
                'contact' => 'M. Hale',
                'phone' => '01632 960 111',
                'email' => 'service@brookside.example',
                'website' => 'https://brookside.example',
                'in_use' => 'yes',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $standing = [];
        foreach (Supplier::query()->get() as $supplier) {
            $standing[RegisterFile::key($supplier->name)] = [
                'id' => $supplier->id,
                'cells' => $this->cells($supplier),
            ];
        }
        $plan = Plan::compare(
            $sheet->rows,
            $sheet->problems,
            static fn (array $cells): string => RegisterFile::key($cells['name'] ?? null),
            $standing,
            'name',
        );
        $problems = [];
        foreach ($plan->rows as $row) {
            if (isset($row->cells['email']) && filter_var($row->cells['email'], FILTER_VALIDATE_EMAIL) === false) {
                $problems[] = [
                    'row' => $row->row,
                    'column' => 'email',
                    'message' => "“{$row->cells['email']}” is no e-mail address. Write it such as name@example.org.",
                ];
            }
            if (
                isset($row->cells['website']) &&
                preg_match('~^https?://[^\s<>"]+$~iD', $row->cells['website']) !== 1
            ) {
                $problems[] = [
                    'row' => $row->row,
                    'column' => 'website',
                    'message' => "“{$row->cells['website']}” is no address. Write the whole of it, such as ".
                        'https://example.org.',
                ];
            }
        }

        return $plan->refusing($problems);
    }

    public function isTried(): bool
    {
        return false;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        foreach ($plan->rows as $row) {
            if ($row->does === RowOutcome::Make) {
                $trace->made(
                    'supplier',
                    ($this->save)(
                        $by,
                        null,
                        SupplierInput::of(['name' => $row->cells['name']] + $this->input($row->cells)),
                    )->id,
                );
            }
            if ($row->does === RowOutcome::Change) {
                ($this->save)(
                    $by,
                    Supplier::query()->findOrFail((int) $row->id),
                    SupplierInput::of($this->input(array_map(
                        static fn (array $change): ?string => $change[1],
                        $row->changes,
                    ))),
                );
                $trace->changedBy($row, 'supplier', (int) $row->id);
            }
            $trace->step();
        }
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        $made = array_column(array_filter($did, static fn (array $line): bool => $line['did'] === 'made'), 'id');
        $used = InUse::of('suppliers', $made);
        if ($used !== []) {
            throw InvalidInput::because(
                'in_use',
                'file',
                'Nothing was taken back, because some of the suppliers are in use by now: '.
                    Supplier::query()->whereKey(array_keys($used))->limit(5)->pluck('name')->implode(', ').
                    '.',
            );
        }
        foreach ($did as $line) {
            $supplier = Supplier::query()->find($line['id']);
            if ($supplier === null) {
                continue;
            }
            if ($line['did'] === 'made') {
                $this->audit->record($by, $supplier->subject(), "took {$supplier->name} back");
                $supplier->delete();

                continue;
            }
            $back = Trace::back($line, $this->cells($supplier));
            $back === [] ? null : ($this->save)($by, $supplier, SupplierInput::of($this->input($back)));
        }
    }

    public function standing(int $siteId): iterable
    {
        foreach (Supplier::query()->orderBy('name')->cursor() as $supplier) {
            yield ['name' => $supplier->name] + $this->cells($supplier);
        }
    }

    /** @return array<string, string|null> */
    private function cells(Supplier $supplier): array
    {
        return ['contractor' => $supplier->contractor ? '1' : '0', 'in_use' => $supplier->active ? '1' : '0'] +
            $supplier->only(array_keys(SupplierInput::WORDS));
    }

    /** @param  array<string, string|null>  $cells
     * @return array<string, mixed> */
    private function input(array $cells): array
    {
        $input = array_intersect_key($cells, SupplierInput::WORDS);
        foreach (['contractor' => 'contractor', 'in_use' => 'active'] as $column => $fact) {
            if (isset($cells[$column])) {
                $input[$fact] = $cells[$column] === '1';
            }
        }

        return $input;
    }
}
