<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Field;
use Illuminate\Support\Facades\DB;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Register\RegisterFile;

/** The locations and assets of a site as a register file holds them. */
final class RegisterStanding
{
    /** @return array<string, Field> the extra fields that a file can hold, by the key of their column */
    public function fields(): array
    {
        $fields = [];
        foreach (
            Field::query()
                ->with('class')
                ->where('retired', false)
                ->where('type', '<>', FieldType::Document->value)
                ->orderBy('position')
                ->orderBy('name')
                ->orderBy('id')
                ->get() as $field
        ) {
            $fields["x{$field->id}"] = $field;
        }

        return $fields;
    }

    /** @return array<string, ExtraField> */
    public function rules(): array
    {
        return array_map(static fn (Field $field): ExtraField => $field->rule(), $this->fields());
    }

    /**
     * @param  list<int>|null  $assetIds  of these only, and of no location
     * @return array<string, array{id: int, kind: string, tag: string, in: string|null, cells: array<string,
     *     string|null>}> by the tag in lower case
     */
    public function __invoke(int $siteId, ?array $assetIds = null): array
    {
        $standing = $assetIds === null ? $this->locations($siteId) : [];
        $empty = array_fill_keys(array_keys($this->fields()), null);
        $extra = DB::table('extra_values as v')
            ->join('assets as a', 'a.id', '=', 'v.asset_id')
            ->where('a.site_id', $siteId)
            ->when($assetIds !== null, static fn ($query) => $query->whereIn('a.id', $assetIds))
            ->select(['v.asset_id', 'v.field_id', 'v.value'])
            ->cursor();
        $values = [];
        foreach ($extra as $value) {
            $values[(int) $value->asset_id]["x{$value->field_id}"] = (string) $value->value;
        }
        $assets = DB::table('assets as a')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->leftJoin('locations as l', 'l.id', '=', 'a.location_id')
            ->leftJoin('assets as p', 'p.id', '=', 'a.parent_id')
            ->leftJoin('teams as t', 't.id', '=', 'a.team_id')
            ->leftJoin('suppliers as s', 's.id', '=', 'a.supplier_id')
            ->leftJoin('cost_centres as k', 'k.id', '=', 'a.cost_centre_id')
            ->where('a.site_id', $siteId)
            ->when($assetIds !== null, static fn ($query) => $query->whereIn('a.id', $assetIds))
            ->orderBy('a.path')
            ->select([
                'a.id',
                'a.tag',
                'a.name',
                'c.name as class',
                'l.tag as place',
                'p.tag as parent',
                'a.make',
                'a.model',
                'a.serial',
                'a.criticality',
                'a.life_state',
                'a.in_service_on',
                't.name as team',
                's.name as supplier',
                'k.code as cost_centre',
                'a.purchased_on',
                'a.purchase_cents as purchase_price',
                'a.replacement_cents as replacement_value',
                'a.warranty_until',
                'a.notes',
            ])
            ->cursor();
        foreach ($assets as $asset) {
            $cells = array_map(
                static fn (mixed $value): ?string => $value === null ? null : (string) $value,
                array_diff_key((array) $asset, ['id' => 1, 'tag' => 1]),
            );
            $standing[RegisterFile::key($asset->tag)] = [
                'id' => (int) $asset->id,
                'kind' => 'asset',
                'tag' => (string) $asset->tag,
                'in' => RegisterFile::key($asset->place ?? $asset->parent),
                'cells' => $cells + array_intersect_key($values[(int) $asset->id] ?? [], $empty) + $empty,
            ];
        }

        return $standing;
    }

    /**
     * @return array<string, array{id: int, kind: string, tag: string, in: string|null, cells: array<string,
     *     string|null>}>
     */
    private function locations(int $siteId): array
    {
        $standing = [];
        foreach (
            DB::table('locations as l')
                ->leftJoin('locations as p', 'p.id', '=', 'l.parent_id')
                ->where('l.site_id', $siteId)
                ->orderBy('l.path')
                ->get(['l.id', 'l.tag', 'l.name', 'p.tag as parent']) as $location
        ) {
            $standing[RegisterFile::key($location->tag)] = [
                'id' => (int) $location->id,
                'kind' => 'location',
                'tag' => (string) $location->tag,
                'in' => $location->parent === null ? null : RegisterFile::key($location->parent),
                'cells' => ['name' => (string) $location->name, 'parent' => $location->parent],
            ];
        }

        return $standing;
    }
}
