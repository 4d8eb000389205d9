<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use App\Register\Models\Field;
use App\Register\Models\Location;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Short lists of the register that forms and pages offer. */
final readonly class RegisterLists
{
    /** @return Collection<string, string> what each life state means at this plant */
    public function meanings(): Collection
    {
        return DB::table('life_state_meanings')->pluck('meaning', 'state');
    }

    /** @return Collection<int, int> assets of each class, retired ones too */
    public function assetsByClass(): Collection
    {
        return DB::table('assets')->groupBy('class_id')->selectRaw('class_id, COUNT(*) as n')->pluck('n', 'class_id');
    }

    /** @return Collection<int, int> values that are held of each extra field */
    public function valuesByField(): Collection
    {
        return DB::table('extra_values')
            ->groupBy('field_id')
            ->selectRaw('field_id, COUNT(*) as n')
            ->pluck('n', 'field_id');
    }

    public function valuesOf(Field $field): int
    {
        return DB::table('extra_values')->where('field_id', $field->id)->count();
    }

    /** @return Collection<int, string> names of the places of a site, by id */
    public function places(int $siteId): Collection
    {
        return DB::table('locations')->where('site_id', $siteId)->orderBy('name')->pluck('name', 'id');
    }

    /** @return list<string> */
    public function metersOf(Asset $asset): array
    {
        return array_values(
            DB::table('meters')->where('asset_id', $asset->id)->orderBy('name')->pluck('name')->all(),
        );
    }

    public function partsOf(Asset $asset): int
    {
        return DB::table('asset_parts')->where('asset_id', $asset->id)->count();
    }

    /** @return list<int> people who run the machines of a place */
    public function operatorsOf(Location $location): array
    {
        return array_values(
            DB::table('location_operators')->where('location_id', $location->id)->pluck('user_id')->all(),
        );
    }

    /** Where an asset of a site stands in the tree; null if it has none of that number. */
    public function pathOf(int $siteId, int $assetId): ?string
    {
        $path = DB::table('assets')->where('site_id', $siteId)->where('id', $assetId)->value('path');

        return $path === null ? null : (string) $path;
    }
}
