<?php

declare(strict_types=1);

namespace App\Register\Api;

use App\Platform\Access\Rights;
use App\Register\Queries\RegisterStanding;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Access\Right;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Planning\Visit\Nearness;
use Sundial\Register\FieldType;
use Sundial\Register\RegisterFile;
use Sundial\Register\ShortCode;

/** Assets as the API gives them: the fields that a file has, extra fields by name, and how near their next visit is. */
final readonly class AssetShape
{
    private const COSTS = ['purchase_price', 'replacement_value'];

    public function __construct(private RegisterStanding $standing)
    {
    }

    /**
     * @param  list<int>  $ids
     * @return list<array<string, mixed>> in the order of the ids
     */
    public function of(array $ids): array
    {
        $rows = DB::table('assets as a')
            ->join('sites as s', 's.id', '=', 'a.site_id')
            ->leftJoin('asset_summaries as n', 'n.asset_id', '=', 'a.id')
            ->whereIn('a.id', $ids)
            ->get([
                'a.id',
                'a.site_id',
                'a.tag',
                'a.version',
                'a.updated_at',
                's.code',
                'n.urgency',
                'n.next_due_on',
                'n.open_orders',
                'n.down_since',
            ])
            ->keyBy('id');
        $cells = [];
        foreach ($rows->groupBy('site_id') as $siteId => $some) {
            $cells += array_column(
                ($this->standing)(
                    (int) $siteId,
                    array_values($some->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all()),
                ),
                'cells',
                'id',
            );
        }
        $columns = array_column(RegisterFile::columns([], [], [], $this->standing->rules()), null, 'key');

        return array_values(
            array_map(
                fn (int $id): array => $this->shape($rows[$id], $cells[$id], $columns),
                array_values(array_filter($ids, static fn (int $id): bool => isset($rows[$id]))),
            ),
        );
    }

    /**
     * @param  array<string, string|null>  $cells
     * @param  array<string, Column>  $columns
     * @return array<string, mixed>
     */
    private function shape(stdClass $row, array $cells, array $columns): array
    {
        $shape = [
            'id' => (int) $row->id,
            'site' => $row->code,
            'tag' => $row->tag,
            'code' => ShortCode::of((int) $row->id)->code,
        ];
        $extra = [];
        foreach ($cells as $key => $value) {
            $column = $columns[$key] ?? null;
            $typed = $value === null || $column === null ? $value : $column->typed($value);
            $isMoney = in_array($key, self::COSTS, true) || $column?->field?->type === FieldType::Money;
            if ($isMoney && ! Rights::has(Right::SeeCosts, (int) $row->site_id)) {
                continue;
            }
            if ($column?->kind === CellKind::Extra) {
                $extra[(string) $column->field?->name] = $typed;
            } else {
                $shape[$key] = $typed;
            }
        }
        $near = Collection::make(Nearness::cases())->first(
            static fn (Nearness $one): bool => $row->urgency !== null && $one->rank() === (int) $row->urgency,
        );

        return $shape + [
            'extra' => (object) $extra,
            'nearness' => $near?->value,
            'next_visit_on' => $row->next_due_on,
            'open_orders' => (int) $row->open_orders,
            'down_since' => self::instant($row->down_since),
            'version' => (int) $row->version,
            'changed_at' => self::instant($row->updated_at),
        ];
    }

    /** An instant of the database as RFC 3339 writes it. */
    public static function instant(?string $at): ?string
    {
        return $at === null ? null : str_replace(' ', 'T', substr($at, 0, 19)).'Z';
    }
}
