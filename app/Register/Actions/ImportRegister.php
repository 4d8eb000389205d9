<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Platform\Subject;
use App\Register\Models\EquipmentClass;
use App\Register\Queries\RegisterCheck;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Register\LifeState;
use Sundial\Register\RegisterFile;

/** Loads a register file: all of it, or, when a single row is bad, nothing. */
final readonly class ImportRegister
{
    public function __construct(private Audit $audit, private RegisterCheck $check, private SaveLocation $saveLocation, private Clock $clock, private RefreshSearch $search)
    {
    }

    /** @return int how many locations and assets were loaded */
    public function __invoke(Actor $by, int $siteId, string $content, string $fileName): int
    {
        return DB::transaction(function () use ($by, $siteId, $content, $fileName): int {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->first();
            $file = ($this->check)($siteId, $content);
            if ($file->problems !== []) {
                throw ValidationException::withMessages(['file' => 'Nothing was loaded: the file has '.count($file->problems).' problems. See them in the check.']);
            }
            foreach ($file->ofKind('location') as $row) {
                ($this->saveLocation)($by, null, $siteId, ['tag' => $row['tag'], 'name' => $row['name'], 'stands' => $row['parent']]);
            }
            $this->addAssets($by, $siteId, $file);
            $this->audit->record($by, Subject::of('site', $siteId, $siteId), 'loaded '.count($file->rows)." rows from {$fileName}");

            return count($file->rows);
        });
    }

    /** Adds assets in waves, parents before what stands in them, a few statements to five hundred. */
    private function addAssets(Actor $by, int $siteId, RegisterFile $file): void
    {
        $classes = $this->classes($file);
        $places = DB::table('locations')->where('site_id', $siteId)->pluck('id', 'tag')->all();
        $assets = DB::table('assets')->where('site_id', $siteId)->pluck('id', 'tag')->all();
        $today = (string) Site::query()->findOrFail($siteId)->dayOf($this->clock->now());
        for ($left = $file->ofKind('asset'); $left !== [];) {
            $ready = array_filter($left, static fn (array $row): bool => $row['parent'] === '' || isset($assets[$row['parent']]) || isset($places[$row['parent']]));
            if ($ready === []) {
                throw ValidationException::withMessages(['file' => 'Nothing was loaded: some rows stand in one another.']);
            }
            foreach (array_chunk($ready, 500) as $rows) {
                $assets += $this->insert($by, $siteId, $rows, $classes, $places, $assets, $today);
            }
            $left = array_diff_key($left, $ready);
        }
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @param  array<string, int>  $classes
     * @param  array<string, int>  $places
     * @param  array<string, int>  $assets
     * @return array<string, int> ids of what was added, by tag
     */
    private function insert(Actor $by, int $siteId, array $rows, array $classes, array $places, array $assets, string $today): array
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s.u');
        DB::table('assets')->insert(array_map(static function (array $row) use ($siteId, $classes, $places, $assets, $today, $now): array {
            $stands = $row['parent'] !== '' ? $row['parent'] : $row['place'];
            $life = LifeState::from($row['life_state'] ?: 'in service');

            return [
                'site_id' => $siteId, 'tag' => $row['tag'], 'name' => $row['name'], 'class_id' => $classes[mb_strtolower($row['class'])], 'location_id' => $places[$stands] ?? null, 'parent_id' => isset($places[$stands]) ? null : $assets[$stands],
                'make' => $row['make'] ?: null, 'model' => $row['model'] ?: null, 'serial' => $row['serial'] ?: null, 'criticality' => $row['criticality'] ?: 'C', 'life_state' => $life->value,
                'out_of_use_since' => $life->isInUse() ? null : $today, 'in_service_on' => $row['in_service_on'] ?: null, 'created_at' => $now, 'updated_at' => $now,
            ];
        }, $rows));
        $added = DB::table('assets')->where('site_id', $siteId)->whereIn('tag', array_column($rows, 'tag'))->get(['id', 'tag', 'name', 'location_id', 'parent_id']);
        DB::table('assets as a')->leftJoin('locations as l', 'l.id', '=', 'a.location_id')->leftJoin('assets as p', 'p.id', '=', 'a.parent_id')->whereIn('a.id', $added->pluck('id'))
            ->update(['a.path' => DB::raw("CONCAT(COALESCE(p.path, l.path), 'A', a.id, '/')")]);
        DB::table('asset_nearness')->insert($added->map(static fn (object $row): array => ['asset_id' => $row->id, 'site_id' => $siteId])->values()->all());
        ($this->search)(...$added->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all());
        $this->audit->recordMany($by, $added->map(static fn (object $row): array => [Subject::of('asset', (int) $row->id, $siteId), "added {$row->name} ({$row->tag})", [$row->parent_id === null ? Subject::of('location', (int) $row->location_id, $siteId) : Subject::of('asset', (int) $row->parent_id, $siteId)]])->values()->all());

        return $added->pluck('id', 'tag')->all();
    }

    /** @return array<string, int> class ids by name in lower case; those not known yet are made */
    private function classes(RegisterFile $file): array
    {
        $classes = [];
        foreach (EquipmentClass::query()->get() as $class) {
            $classes[mb_strtolower($class->name)] = $class->id;
        }
        foreach ($file->ofKind('asset') as $row) {
            $classes[mb_strtolower($row['class'])] ??= EquipmentClass::query()->create(['name' => $row['class']])->id;
        }

        return $classes;
    }
}
