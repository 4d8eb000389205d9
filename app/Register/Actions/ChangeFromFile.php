<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\People\Models\CostCentre;
use App\People\Models\Supplier;
use App\People\Models\Team;
use App\Platform\Audit\Actor;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\LocationInput;
use App\Register\Models\Asset;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Location;
use App\Register\Queries\RegisterStanding;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Register\RegisterFile;

/** Gives a location or an asset the values that a file holds for it, through the same actions as the forms. */
final readonly class ChangeFromFile
{
    private const AS_THEY_ARE = [
        'name',
        'make',
        'model',
        'serial',
        'criticality',
        'in_service_on',
        'purchased_on',
        'warranty_until',
        'notes',
    ];

    private const MONEY = ['purchase_price' => 'purchase_cents', 'replacement_value' => 'replacement_cents'];

    public function __construct(
        private SaveAsset $saveAsset,
        private SaveLocation $saveLocation,
        private RegisterStanding $standing,
    ) {
    }

    /**
     * @param  array<string, string|null>  $cells  plain values by column, of those that change
     * @param  array<string, int>  $classes  ids by name in lower case
     */
    public function __invoke(Actor $by, int $siteId, string $kind, int $id, array $cells, array $classes = []): void
    {
        DB::transaction(function () use ($by, $siteId, $kind, $id, $cells, $classes): void {
            if ($kind === 'location') {
                $location = Location::query()->findOrFail($id);
                $stands = array_key_exists('parent', $cells)
                    ? (string) $cells['parent']
                    : (string) Location::query()->whereKey($location->parent_id)->value('tag');
                ($this->saveLocation)(
                    $by,
                    $location,
                    $siteId,
                    LocationInput::of([
                        'tag' => $location->tag,
                        'name' => $cells['name'] ?? $location->name,
                        'stands' => $stands,
                    ]),
                    $location->version,
                );

                return;
            }
            $asset = Asset::query()->findOrFail($id);
            ($this->saveAsset)(
                $by,
                $asset,
                $siteId,
                AssetFacts::part($this->input($siteId, $cells, $classes)),
                $asset->version,
            );
        });
    }

    /**
     * @param  array<string, string|null>  $cells
     * @param  array<string, int>  $classes
     * @return array<string, mixed>
     */
    private function input(int $siteId, array $cells, array $classes): array
    {
        $input = array_intersect_key($cells, array_flip(self::AS_THEY_ARE));
        foreach (self::MONEY as $column => $fact) {
            if (array_key_exists($column, $cells)) {
                $input[$fact] = $cells[$column] === null ? null : (int) $cells[$column];
            }
        }
        $named = [
            'class' => [
                'class_id',
                static fn (string $name): ?int => $classes[RegisterFile::key($name)] ??
                    EquipmentClass::query()->where('name', $name)->value('id'),
            ],
            'team' => [
                'team_id',
                static fn (string $name): ?int => Team::query()
                    ->where('site_id', $siteId)
                    ->where('name', $name)
                    ->value('id'),
            ],
            'supplier' => [
                'supplier_id',
                static fn (string $name): ?int => Supplier::query()->where('name', $name)->value('id'),
            ],
            'cost_centre' => [
                'cost_centre_id',
                static fn (string $name): ?int => CostCentre::query()->where('code', $name)->value('id'),
            ],
        ];
        foreach ($named as $column => [$fact, $find]) {
            if (array_key_exists($column, $cells)) {
                $input[$fact] = $cells[$column] === null ? null : $find($cells[$column]);
            }
        }
        if (isset($cells['life_state'])) {
            $input['life_state'] = LifeState::from($cells['life_state']);
        }
        if (isset($cells['place']) || isset($cells['parent'])) {
            $input['stands'] = $cells['place'] ?? $cells['parent'];
        }
        $extra = [];
        foreach (array_intersect_key($this->standing->rules(), $cells) as $key => $rule) {
            $extra[(int) substr($key, 1)] = $cells[$key] === null ? '' : $rule->typed($cells[$key]);
        }
        if ($extra !== []) {
            $input['extra'] = $extra;
        }

        return $input;
    }
}
