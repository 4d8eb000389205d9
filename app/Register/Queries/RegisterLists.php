<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Field;
use App\Register\Models\Location;
use App\Register\Models\Unit;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;

/** Short lists of the register that forms and pages offer. */
final readonly class RegisterLists
{
    /** @return Collection<int, EquipmentClass> by name */
    public function classes(): Collection
    {
        return EquipmentClass::query()->orderBy('name')->get()->toBase();
    }

    /** @return Collection<int, Unit> by symbol */
    public function units(): Collection
    {
        return Unit::query()->orderBy('symbol')->get()->toBase();
    }

    /** @return Collection<int, Location> the places of a site, by name */
    public function locations(int $siteId): Collection
    {
        return Location::query()
            ->where('site_id', $siteId)
            ->orderBy('name')
            ->get(['id', 'name', 'tag', 'path'])
            ->toBase();
    }

    public function location(int $siteId, int $id): ?Location
    {
        return Location::query()->where('site_id', $siteId)->find($id);
    }

    public function asset(int $siteId, int $id): ?Asset
    {
        return Asset::query()->where('site_id', $siteId)->find($id);
    }

    /** Of any site: whoever asks checks the right to it. */
    public function assetAnywhere(int $id): Asset
    {
        return Asset::query()->findOrFail($id);
    }

    /** Of any site: whoever asks checks the right to it. */
    public function locationAnywhere(int $id): Location
    {
        return Location::query()->findOrFail($id);
    }

    /** Of any site, by the number in a label's code; null if there is none. */
    public function assetOfCode(int $number): ?Asset
    {
        return Asset::query()->find($number);
    }

    public function assetByTag(int $siteId, string $tag): ?Asset
    {
        return Asset::query()->where('site_id', $siteId)->where('tag', $tag)->first();
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Asset> by tag
     */
    public function assets(int $siteId, array $ids): Collection
    {
        return Asset::query()
            ->where('site_id', $siteId)
            ->whereIn('id', $ids)
            ->orderBy('tag')
            ->get()
            ->toBase();
    }

    /** The tag of what an asset or a place stands in; null at the top. */
    public function standsIn(Asset|Location $record): ?string
    {
        $tag = $record instanceof Asset && $record->parent_id !== null
            ? Asset::query()->whereKey($record->parent_id)->value('tag')
            : Location::query()
                ->whereKey($record instanceof Asset ? $record->location_id : $record->parent_id)
                ->value('tag');

        return $tag === null ? null : (string) $tag;
    }

    /** @return Collection<int, Field> extra fields in the order of their forms, retired ones last */
    public function fields(): Collection
    {
        return Field::query()
            ->with('class')
            ->orderBy('retired')
            ->orderBy('position')
            ->orderBy('name')
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /** @return array<string, string> what each life state means at this plant, in its own words; each of them */
    public function meanings(): array
    {
        $said = DB::table('life_state_meanings')->pluck('meaning', 'state');
        $meanings = [];
        foreach (LifeState::cases() as $state) {
            $meanings[$state->value] = (string) ($said[$state->value] ?? '');
        }

        return $meanings;
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

    /** @return list<int> people who run the machines of a place */
    public function operatorsOf(Location $location): array
    {
        return array_values(array_map(
            intval(...),
            DB::table('location_operators')->where('location_id', $location->id)->pluck('user_id')->all(),
        ));
    }

    /** Where an asset of a site stands in the tree; null if it has none of that number. */
    public function pathOf(int $siteId, int $assetId): ?string
    {
        $path = DB::table('assets')->where('site_id', $siteId)->where('id', $assetId)->value('path');

        return $path === null ? null : (string) $path;
    }
}
