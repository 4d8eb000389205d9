<?php

declare(strict_types=1);

namespace App\Stores\Imports;

use App\Platform\Audit\Actor;
use App\Platform\Import\ImportKind;
use App\Platform\Import\Trace;
use App\Register\Models\Asset;
use App\Stores\Actions\SetFit;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\RowOutcome;
use Sundial\Import\Sheet;
use Sundial\Register\RegisterFile;

/** Spare-parts lists in and out. */
final readonly class FitsImport implements ImportKind
{
    private const FACTS = ['name', 'quantity', 'note'];

    public function __construct(private SetFit $list)
    {
    }

    public function key(): string
    {
        return 'parts';
    }

    public function title(): string
    {
        return 'Spare-parts lists';
    }

    public function about(): string
    {
        return 'A row is one part on the list of one asset, known again by the asset’s tag and the part number. A '.
            'quantity of 0 takes it off the list.'.self::CHANGES;
    }

    public function right(): Right
    {
        return Right::WriteRegister;
    }

    public function href(): string
    {
        return '/assets';
    }

    public function columns(int $siteId): array
    {
        return [
            Column::text('tag', 40)->needed(),
            Column::text('part_number', 60)->needed(),
            Column::text('name', 120)->saying('a part that the catalogue does not know needs it'),
            Column::of('quantity', CellKind::Number),
            Column::text('note', 200),
        ];
    }

    public function examples(): array
    {
        return [
            [
                'tag' => 'FP-1',
                'part_number' => 'BRG-6205',
                'name' => 'Ball bearing 6205',
                'quantity' => '2',
                'note' => 'drive end and fan end',
            ],
        ];
    }

    public function plan(int $siteId, Sheet $sheet): Plan
    {
        [$standing, $assets] = [[], []];
        foreach ($this->rows($siteId) as $row) {
            $standing[$this->keyOf($row['cells'])] = [
                'id' => $row['asset_id'],
                'cells' => array_intersect_key($row['cells'], array_flip(self::FACTS)),
            ];
        }
        foreach (DB::table('assets')->where('site_id', $siteId)->pluck('tag') as $tag) {
            $assets[RegisterFile::key($tag)] = true;
        }
        $plan = Plan::compare($sheet->rows, $sheet->problems, $this->keyOf(...), $standing, 'part_number');
        $problems = [];
        foreach ($plan->rows as $row) {
            $missing =
                $row->does === RowOutcome::Make
                    ? array_filter(
                        ['name', 'quantity'],
                        static fn (string $column): bool => ! isset($row->cells[$column]) &&
                            ! $sheet->isUnread($row->row, $column),
                    )
                    : [];
            foreach ($missing as $column) {
                $problems[] = [
                    'row' => $row->row,
                    'column' => $column,
                    'message' => "A part that is not on the list yet needs a {$column}.",
                ];
            }
            if (isset($row->cells['tag']) && ! isset($assets[RegisterFile::key($row->cells['tag'])])) {
                $problems[] = [
                    'row' => $row->row,
                    'column' => 'tag',
                    'message' => "There is no asset “{$row->cells['tag']}” at this site. Load the assets first.",
                ];
            }
            if (str_starts_with($row->cells['quantity'] ?? '', '-')) {
                $problems[] = ['row' => $row->row, 'column' => 'quantity', 'message' => 'A quantity is 0 or more.'];
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
        $assets = Asset::query()
            ->where('site_id', $siteId)
            ->get()
            ->keyBy(static fn (Asset $asset): string => RegisterFile::key($asset->tag));
        $held = array_column($this->rows($siteId), 'cells', 'key');
        foreach ($plan->rows as $row) {
            if ($row->does === RowOutcome::Nothing) {
                continue;
            }
            $asset = $assets[RegisterFile::key($row->cells['tag'])];
            $before = array_intersect_key($held[$this->keyOf($row->cells)] ?? [], array_flip(self::FACTS));
            $after = array_intersect_key($row->cells, array_flip(self::FACTS)) + $before + ['note' => null];
            ($this->list)(
                $by,
                $asset,
                (string) $row->cells['part_number'],
                (string) $after['name'],
                (string) $after['quantity'],
                $after['note'],
            );
            $trace->changed('asset', $asset->id, ['part_number' => $row->cells['part_number']] + $before, $after);
            $trace->step();
        }
    }

    public function takeBack(Actor $by, int $siteId, array $did): void
    {
        $held = array_column($this->rows($siteId), 'cells', 'key');
        foreach ($did as $line) {
            $asset = Asset::query()->find($line['id']);
            $number = (string) $line['before']['part_number'];
            $now =
                $asset === null
                    ? null
                    : $held[$this->keyOf(['tag' => $asset->tag, 'part_number' => $number])] ?? [
                        'quantity' => '0.000',
                    ];
            // What somebody changed since then stays as they left it.
            if ($asset !== null && ($now['quantity'] ?? null) === $line['after']['quantity']) {
                ($this->list)(
                    $by,
                    $asset,
                    $number,
                    (string) ($line['before']['name'] ?? ''),
                    (string) ($line['before']['quantity'] ?? '0'),
                    $line['before']['note'] ?? null,
                );
            }
        }
    }

    public function standing(int $siteId): iterable
    {
        return array_column($this->rows($siteId), 'cells');
    }

    /** @return list<array{key: string, asset_id: int, cells: array<string, string|null>}> */
    private function rows(int $siteId): array
    {
        $rows = [];
        foreach (
            DB::table('fits as f')
                ->join('parts as p', 'p.id', '=', 'f.part_id')
                ->join('assets as a', 'a.id', '=', 'f.asset_id')
                ->where('a.site_id', $siteId)
                ->orderBy('a.tag')
                ->orderBy('p.number')
                ->select(['f.asset_id', 'a.tag', 'p.number as part_number', 'p.name', 'f.quantity', 'f.note'])
                ->cursor() as $part
        ) {
            $cells = array_diff_key(
                array_map(
                    static fn (mixed $value): ?string => $value === null ? null : (string) $value,
                    (array) $part,
                ),
                ['asset_id' => 1],
            );
            $rows[] = ['key' => $this->keyOf($cells), 'asset_id' => (int) $part->asset_id, 'cells' => $cells];
        }

        return $rows;
    }

    /** @param  array<string, string|null>  $cells */
    private function keyOf(array $cells): string
    {
        return isset($cells['tag'], $cells['part_number'])
            ? RegisterFile::key($cells['tag']).' '.RegisterFile::key($cells['part_number'])
            : '';
    }
}
