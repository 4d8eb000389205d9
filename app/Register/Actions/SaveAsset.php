<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\LifeStateListener;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Queries\Standing;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Register\LifeState;
use Sundial\Register\TreePath;

/** Adds an asset, changes its facts, or moves it to another place or parent; its history goes with it. */
final readonly class SaveAsset
{
    private const FACTS = ['tag', 'name', 'class_id', 'team_id', 'make', 'model', 'serial', 'criticality', 'life_state', 'in_service_on', 'notes'];

    public function __construct(private Audit $audit, private Standing $standing, private Clock $clock)
    {
    }

    /** @param  array<string, mixed>  $input facts by name, and "stands": the tag of the location or asset in which it stands */
    public function __invoke(Actor $by, ?Asset $asset, int $siteId, array $input, ?int $version = null): Asset
    {
        return DB::transaction(function () use ($by, $asset, $siteId, $input, $version): Asset {
            $isNew = $asset === null;
            $asset = $isNew ? new Asset(['site_id' => $siteId, 'life_state' => LifeState::InService]) : Versioned::lock($asset, $version);
            if (isset($input['tag']) && $this->standing->taken($siteId, $input['tag'], $isNew ? null : $asset)) {
                throw ValidationException::withMessages(['tag' => "The tag {$input['tag']} is taken at this site. Choose another."]);
            }
            $before = $isNew ? [] : $this->facts($asset);
            $wasInUse = $asset->life_state->isInUse();
            $to = isset($input['stands']) ? $this->standing->find($siteId, (string) $input['stands']) : null;
            $asset->fill(array_intersect_key($input, array_flip(self::FACTS)));
            if ($isNew) {
                $asset->fill(['location_id' => $to instanceof Location ? $to->id : null, 'parent_id' => $to instanceof Asset ? $to->id : null]);
            }
            $asset->save();
            if ($isNew) {
                DB::table('asset_nearness')->insert(['asset_id' => $asset->id, 'site_id' => $siteId]);
            }
            $moved = $to === null ? [] : $this->move($asset, $to, $isNew);
            $this->followLife($asset, $wasInUse);
            $changes = Audit::difference($before, $this->facts($asset));
            $also = array_map(static fn (Location|Asset $place): Subject => Subject::of($place instanceof Location ? 'location' : 'asset', $place->id, $siteId), $moved);
            if ($isNew || $changes !== []) {
                $this->audit->record($by, $asset->subject(), $isNew ? "added {$asset->name} ({$asset->tag})" : (isset($changes['stands']) ? "moved {$asset->name}" : "changed {$asset->name}"), $isNew ? [] : $changes, null, $also);
            }

            return $asset;
        });
    }

    /** @return array<string, mixed> */
    private function facts(Asset $asset): array
    {
        $place = $asset->parent_id !== null ? DB::table('assets')->where('id', $asset->parent_id)->value('tag') : DB::table('locations')->where('id', $asset->location_id)->value('tag');
        $named = ['class' => DB::table('equipment_classes')->where('id', $asset->class_id)->value('name'), 'team' => $asset->team_id === null ? null : DB::table('teams')->where('id', $asset->team_id)->value('name')];

        return ['life_state' => $asset->life_state->value] + $named + $asset->only(array_diff(self::FACTS, ['class_id', 'team_id', 'life_state'])) + ['stands' => $place];
    }

    /** @return list<Location|Asset> where it left and where it came */
    private function move(Asset $asset, Location|Asset $to, bool $isNew): array
    {
        $key = "A{$asset->id}";
        $path = $isNew ? Standing::path($to)->child($key) : TreePath::of($asset->path)->under(Standing::path($to), $key, $asset->name, $to->name);
        if ($path->path === $asset->path) {
            return [];
        }
        $left = $isNew ? null : ($asset->parent_id !== null ? Asset::query()->find($asset->parent_id) : Location::query()->find($asset->location_id));
        if (! $isNew) {
            DB::update('UPDATE assets SET path = CONCAT(?, SUBSTRING(path, ?)) WHERE path LIKE ?', [$path->path, strlen($asset->path) + 1, $asset->path.'%']);
        }
        $asset->fill(['path' => $path->path, 'location_id' => $to instanceof Location ? $to->id : null, 'parent_id' => $to instanceof Asset ? $to->id : null])->save();

        return array_values(array_filter([$left, $to]));
    }

    private function followLife(Asset $asset, bool $wasInUse): void
    {
        $isInUse = $asset->life_state->isInUse();
        if ($isInUse === $wasInUse) {
            return;
        }
        $today = Site::query()->findOrFail($asset->site_id)->dayOf($this->clock->now());
        $asset->out_of_use_since = $isInUse ? null : (string) $today;
        $asset->save();
        /** @var LifeStateListener $listener */
        foreach (app()->tagged(LifeStateListener::TAG) as $listener) {
            $isInUse ? $listener->inUseAgain($asset, $today) : $listener->outOfUse($asset, $today);
        }
    }
}
