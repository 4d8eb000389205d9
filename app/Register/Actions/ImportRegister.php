<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Import\Trace;
use App\Platform\Sites\Site;
use App\Platform\Subject;
use App\Register\Inputs\ExpiryInput;
use App\Register\Inputs\LocationInput;
use App\Register\Models\EquipmentClass;
use App\Register\Models\ExpiryDate;
use App\Register\Projections\AreasOfAssets;
use App\Register\Queries\RegisterStanding;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Import\Plan;
use Sundial\Import\PlannedRow;
use Sundial\Import\RowOutcome;
use Sundial\Register\ExtraField;
use Sundial\Register\LifeState;
use Sundial\Register\RegisterFile;

/** Does what a register file was planned to do: makes its locations and assets, and changes those that stand. */
final readonly class ImportRegister
{
    public function __construct(
        private Audit $audit,
        private SaveLocation $saveLocation,
        private ChangeFromFile $change,
        private SaveExpiry $saveExpiry,
        private Clock $clock,
        private RefreshSearch $search,
        private RegisterStanding $standing,
        private AreasOfAssets $areas,
    ) {
    }

    public function __invoke(Actor $by, int $siteId, Plan $plan, Trace $trace): void
    {
        DB::transaction(function () use ($by, $siteId, $plan, $trace): void {
            $classes = $this->classes($plan, $trace);
            foreach ($plan->that(RowOutcome::Make) as $row) {
                if ($row->cells['kind'] === 'location') {
                    $trace->made(
                        'location',
                        ($this->saveLocation)($by, null, $siteId, LocationInput::of([
                            'tag' => (string) $row->cells['tag'],
                            'name' => (string) $row->cells['name'],
                            'stands' => $row->cells['parent'] ?? '',
                        ]))->id,
                    );
                    $trace->step();
                }
            }
            $this->addAssets(
                $by,
                $siteId,
                array_values(
                    array_filter(
                        $plan->that(RowOutcome::Make),
                        static fn (PlannedRow $row): bool => $row->cells['kind'] === 'asset',
                    ),
                ),
                $classes,
                $trace,
            );
            foreach ($plan->that(RowOutcome::Change) as $row) {
                $trace->attempt($row, function () use ($by, $siteId, $row, $classes, $trace): void {
                    ($this->change)(
                        $by,
                        $siteId,
                        (string) $row->cells['kind'],
                        (int) $row->id,
                        array_map(static fn (array $change): ?string => $change[1], $row->changes),
                        $classes,
                    );
                    $trace->changedBy($row, (string) $row->cells['kind'], (int) $row->id);
                });
            }
        });
    }

    /**
     * Adds assets in waves, parents before what stands in them, a few statements to five hundred.
     *
     * @param  list<PlannedRow>  $rows  parents first
     * @param  array<string, int>  $classes
     */
    private function addAssets(Actor $by, int $siteId, array $rows, array $classes, Trace $trace): void
    {
        $ids = static fn (string $table, string $name, bool $ofSite): array => DB::table($table)
            ->when($ofSite, static fn ($query) => $query->where('site_id', $siteId))
            ->pluck('id', $name)
            ->mapWithKeys(static fn (mixed $id, string $key): array => [RegisterFile::key($key) => (int) $id])
            ->all();
        $known = [
            'place' => $ids('locations', 'tag', true),
            'parent' => $ids('assets', 'tag', true),
            'team' => $ids('teams', 'name', true),
            'supplier' => $ids('suppliers', 'name', false),
            'cost_centre' => $ids('cost_centres', 'code', false),
            'class' => $classes,
        ];
        $rules = $this->standing->rules();
        $today = (string) Site::query()->findOrFail($siteId)->dayOf($this->clock->now());
        for ($at = 0; $at < count($rows);) {
            $wave = [];
            for (; $at < count($rows) && count($wave) < 500; $at++) {
                $parent = $rows[$at]->cells['parent'] ?? null;
                if ($parent !== null && ! isset($known['parent'][RegisterFile::key($parent)])) {
                    break;
                }
                $wave[] = $rows[$at];
            }
            if ($wave === []) {
                throw ValidationException::withMessages([
                    'file' => 'Nothing was loaded: some rows stand in one another.',
                ]);
            }
            $known['parent'] += $this->insert($by, $siteId, $wave, $known, $rules, $today, $trace);
            $trace->step(count($wave));
        }
    }

    /**
     * @param  list<PlannedRow>  $rows
     * @param  array<string, array<string, int>>  $known  ids by name, by column
     * @param  array<string, ExtraField>  $rules
     * @return array<string, int> ids of what was added, by tag
     */
    private function insert(
        Actor $by,
        int $siteId,
        array $rows,
        array $known,
        array $rules,
        string $today,
        Trace $trace,
    ): array {
        $now = $this->clock->now()->format('Y-m-d H:i:s.u');
        DB::table('assets')->insert(
            array_map(static function (PlannedRow $row) use ($siteId, $known, $today, $now): array {
                $cells = $row->cells;
                $id = static fn (string $column): ?int => isset($cells[$column])
                    ? $known[$column][RegisterFile::key($cells[$column])]
                    : null;
                $life = LifeState::from($cells['life_state'] ?? 'in service');

                return [
                    'site_id' => $siteId,
                    'tag' => $cells['tag'],
                    'name' => $cells['name'],
                    'class_id' => $id('class'),
                    'location_id' => $id('place'),
                    'parent_id' => $id('parent'),
                    'make' => $cells['make'] ?? null,
                    'model' => $cells['model'] ?? null,
                    'serial' => $cells['serial'] ?? null,
                    'criticality' => $cells['criticality'] ?? 'C',
                    'life_state' => $life->value,
                    'out_of_use_since' => $life->isInUse() ? null : $today,
                    'in_service_on' => $cells['in_service_on'] ?? null,
                    'team_id' => $id('team'),
                    'supplier_id' => $id('supplier'),
                    'cost_centre_id' => $id('cost_centre'),
                    'purchased_on' => $cells['purchased_on'] ?? null,
                    'purchase_cents' => $cells['purchase_price'] ?? null,
                    'replacement_cents' => $cells['replacement_value'] ?? null,
                    'warranty_until' => $cells['warranty_until'] ?? null,
                    'notes' => $cells['notes'] ?? null,
                    'created_at' => $now,
                    'updated_at' => $now,
                ];
            }, $rows),
        );
        $added = DB::table('assets')
            ->where('site_id', $siteId)
            ->whereIn('tag', array_map(static fn (PlannedRow $row): string => (string) $row->cells['tag'], $rows))
            ->get(['id', 'tag', 'name', 'location_id', 'parent_id']);
        DB::table('assets as a')
            ->leftJoin('locations as l', 'l.id', '=', 'a.location_id')
            ->leftJoin('assets as p', 'p.id', '=', 'a.parent_id')
            ->whereIn('a.id', $added->pluck('id'))
            ->update(['a.path' => DB::raw("CONCAT(COALESCE(p.path, l.path), 'A', a.id, '/')")]);
        DB::table('asset_summaries')->insert(
            $added
                ->map(static fn (object $row): array => ['asset_id' => $row->id, 'site_id' => $siteId])
                ->values()
                ->all(),
        );
        $this->areas->keepMany(...array_values($added->pluck('id')->all()));
        $ids = $added
            ->mapWithKeys(static fn (object $row): array => [RegisterFile::key($row->tag) => (int) $row->id])
            ->all();
        $this->fill($by, $siteId, $rows, $ids, $rules);
        ($this->search)(...array_values($ids));
        $this->audit->recordMany(
            $by,
            array_values(
                $added
                    ->map(
                        static fn (object $row): array => [
                            Subject::of('asset', (int) $row->id, $siteId),
                            "added {$row->name} ({$row->tag})",
                            [
                                $row->parent_id === null
                                    ? Subject::of('location', (int) $row->location_id, $siteId)
                                    : Subject::of('asset', (int) $row->parent_id, $siteId),
                            ],
                        ],
                    )
                    ->values()
                    ->all(),
            ),
        );
        foreach ($rows as $row) {
            $trace->made('asset', $ids[RegisterFile::key($row->cells['tag'])]);
        }

        return $ids;
    }

    /**
     * Extra fields and warranties of what was added.
     *
     * @param  list<PlannedRow>  $rows
     * @param  array<string, int>  $ids
     * @param  array<string, ExtraField>  $rules
     */
    private function fill(Actor $by, int $siteId, array $rows, array $ids, array $rules): void
    {
        $values = [];
        foreach ($rows as $row) {
            $id = $ids[RegisterFile::key($row->cells['tag'])];
            foreach (array_intersect_key($row->cells, $rules) as $key => $value) {
                if ($value !== null) {
                    $values[] = [
                        'asset_id' => $id,
                        'field_id' => (int) substr($key, 1),
                        'value' => $value,
                        'size' => $rules[$key]->size($value),
                    ];
                }
            }
            if (isset($row->cells['warranty_until'])) {
                ($this->saveExpiry)($by, Subject::of('asset', $id, $siteId), null, ExpiryInput::of([
                    'what' => ExpiryDate::WARRANTY,
                    'until' => $row->cells['warranty_until'],
                ]));
            }
        }
        foreach (array_chunk($values, 1000) as $some) {
            DB::table('extra_values')->insert($some);
        }
    }

    /** @return array<string, int> class ids by name in lower case; those not known yet are made */
    private function classes(Plan $plan, Trace $trace): array
    {
        $classes = [];
        foreach (EquipmentClass::query()->get() as $class) {
            $classes[RegisterFile::key($class->name)] = $class->id;
        }
        foreach ($plan->rows as $row) {
            if (isset($row->cells['class']) && ! isset($classes[RegisterFile::key($row->cells['class'])])) {
                $classes[RegisterFile::key($row->cells['class'])] = EquipmentClass::query()->create([
                    'name' => $row->cells['class'],
                ])->id;
                $trace->made('class', $classes[RegisterFile::key($row->cells['class'])]);
            }
        }

        return $classes;
    }
}
