<?php

declare(strict_types=1);

namespace App\Register\Imports;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Import\ImportKind;
use App\Platform\Import\InUse;
use App\Platform\Import\Trace;
use App\Register\Actions\SaveMeter;
use App\Register\Inputs\MeterInput;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\PlannedRow;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\RegisterFile;
use Sundial\Support\InvalidInput;

/** Meters in and out. */
final readonly class MeterImport implements ImportKind
{
    public function __construct(private SaveMeter $save, private Audit $audit)
    {
    }

    public function key(): string
    {
        return 'meters';
    }

    public function title(): string
    {
        return 'Meters';
    }

    public function about(): string
    {
        return 'A row is a counter or a gauge on an asset, known again by the asset’s tag and the meter’s name. '.
            'Their readings are loaded as readings.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::WriteRegister;
    }

    public function href(): string
    {
        return '/meters';
    }

    public function columns(int $siteId): array
    {
        return [Column::text('tag', 40)->needed(), ...MeterInput::columns()];
    }

    public function examples(): array
    {
        return [
            [
                'tag' => 'FP-1',
                'meter' => 'Running hours',
                'kind' => 'counter',
                'unit' => 'h',
                'decimals' => '1',
                'rolls_over_at' => '100000',
                'expected_per_year' => '4000',
                'window_days' => '90',
            ],
            [
                'tag' => 'FP-1',
                'meter' => 'Bearing temperature',
                'kind' => 'gauge',
                'unit' => '°C',
                'decimals' => '0',
                'high_limit' => '75',
                'hysteresis' => '5',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        $standing = [];
        foreach ($this->rows($siteId) as [$id, $cells]) {
            $standing[$this->keyOf($cells)] = [
                'id' => $id,
                'cells' => array_diff_key($cells, ['tag' => 1, 'meter' => 1]),
            ];
        }
        $plan = Plan::compare($sheet->rows, $sheet->problems, $this->keyOf(...), $standing, 'meter');
        $assets = DB::table('assets')
            ->where('site_id', $siteId)
            ->pluck('tag')
            ->mapWithKeys(static fn (string $tag): array => [RegisterFile::key($tag) => true])
            ->all();
        $problems = [];
        foreach ($plan->rows as $row) {
            if (isset($row->cells['tag']) && ! isset($assets[RegisterFile::key($row->cells['tag'])])) {
                $problems[] = [
                    'row' => $row->row,
                    'column' => 'tag',
                    'message' => "There is no asset “{$row->cells['tag']}” at this site. Load the assets first.",
                ];
            }
            if ($row->does === RowOutcome::Make && ! isset($row->cells['unit'])) {
                $problems[] = ['row' => $row->row, 'column' => 'unit', 'message' => 'A meter needs a unit.'];
            }
        }

        return $plan->refusing($problems);
    }

    public function isTried(): bool
    {
        return true;
    }

    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        foreach ($plan->rows as $row) {
            $row->does === RowOutcome::Nothing
                ? null
                : $trace->attempt($row, fn () => $this->loadRow($by, $siteId, $row, $trace));
        }
    }

    private function loadRow(Actor $by, int $siteId, PlannedRow $row, Trace $trace): void
    {
        $meter = $row->id === null ? null : Meter::query()->findOrFail($row->id);
        $asset =
            $meter !== null
                ? Asset::query()->findOrFail($meter->asset_id)
                : Asset::query()->where('site_id', $siteId)->where('tag', $row->cells['tag'])->firstOrFail();
        $saved = $this->save($by, $asset, $meter, $row->cells);
        $meter === null ? $trace->made('meter', $saved->id) : $trace->changedBy($row, 'meter', $saved->id);
    }

    /** @param  array<string, string|null>  $cells */
    private function save(Actor $by, Asset $asset, ?Meter $meter, array $cells): Meter
    {
        $old =
            $meter === null
                ? ['decimals' => '0', 'window_days' => '90', 'kind' => Meter::COUNTER]
                : $this->cells($meter);
        $is = static fn (string $column): ?string => array_key_exists($column, $cells)
            ? $cells[$column]
            : $old[$column] ?? null;
        $input = [
            'name' => $meter->name ?? (string) $cells['meter'],
            'unit' => (string) ($is('unit') ?? ($old['unit'] ?? '')),
            'decimals' => $is('decimals') ?? '0',
            'window_days' => $is('window_days') ?? '90',
            'kind' => $is('kind') ?? Meter::COUNTER,
        ];
        foreach (MeterInput::NUMBERS as $number) {
            $input[$number] = $is($number);
        }

        return ($this->save)($by, $meter, $asset, MeterInput::of($input), $meter?->version);
    }

    /** @return array<string, string|null> */
    private function cells(Meter $meter): array
    {
        return [
            'kind' => $meter->kind,
            'unit' => $meter->unit,
            'decimals' => (string) $meter->decimals,
            'window_days' => (string) $meter->window_days,
        ] +
            array_map(
                static fn (mixed $number): ?string => $number === null ? null : (string) $number,
                $meter->only(MeterInput::NUMBERS),
            );
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        $made = array_column(array_filter($did, static fn (array $line): bool => $line['did'] === 'made'), 'id');
        $used = InUse::of('meters', $made);
        if ($used !== []) {
            $names = Meter::query()
                ->with('asset:id,tag')
                ->whereKey(array_keys($used))
                ->limit(5)
                ->get()
                ->map(
                    static fn (
                        Meter $meter,
                    ): string => "{$meter->name} on {$meter->asset->tag} ({$used[$meter->id]})",
                )
                ->implode(', ');
            throw InvalidInput::because(
                'in_use',
                'file',
                "Nothing was taken back, because some of the meters are in use by now: {$names}.",
            );
        }
        foreach ($did as $line) {
            $meter = Meter::query()->find($line['id']);
            if ($meter === null) {
                continue;
            }
            $asset = Asset::query()->findOrFail($meter->asset_id);
            if ($line['did'] === 'made') {
                $this->audit->record(
                    $by,
                    $meter->subject(),
                    "took the meter {$meter->name} off {$asset->tag} again",
                    [],
                    null,
                    [$asset->subject()],
                );
                $meter->delete();

                continue;
            }
            $back = Trace::back($line, $this->cells($meter));
            $back === [] ? null : $this->save($by, $asset, $meter, $back);
        }
    }

    public function standing(int $siteId): iterable
    {
        foreach ($this->rows($siteId) as [, $cells]) {
            yield $cells;
        }
    }

    /** @return iterable<array{int, array<string, string|null>}> */
    private function rows(int $siteId): iterable
    {
        $tags = DB::table('assets')->where('site_id', $siteId)->pluck('tag', 'id')->all();
        foreach (
            Meter::query()->where('site_id', $siteId)->orderBy('asset_id')->orderBy('name')->cursor() as $meter
        ) {
            yield [
                $meter->id,
                ['tag' => (string) $tags[$meter->asset_id], 'meter' => $meter->name] + $this->cells($meter),
            ];
        }
    }

    /** @param  array<string, string|null>  $cells */
    private function keyOf(array $cells): string
    {
        return isset($cells['tag'], $cells['meter'])
            ? RegisterFile::key($cells['tag']).' '.RegisterFile::key($cells['meter'])
            : '';
    }
}
