<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Events\LifeStateChanged;
use App\Register\Inputs\AssetFacts;
use App\Register\Inputs\ExpiryInput;
use App\Register\Models\Asset;
use App\Register\Models\ExpiryDate;
use App\Register\Models\Location;
use App\Register\Projections\AreasOfAssets;
use App\Register\Queries\Whereabouts;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Register\LifeState;
use Sundial\Register\TreePath;
use Sundial\Support\Money;

/** Adds an asset, changes its facts, or moves it to another place or parent; its history goes with it. */
final readonly class SaveAsset
{
    private const NAMED = [
        'class_id' => ['class', 'equipment_classes', 'name'],
        'team_id' => ['team', 'teams', 'name'],
        'cost_centre_id' => ['cost centre', 'cost_centres', 'code'],
        'supplier_id' => ['supplier', 'suppliers', 'name'],
    ];

    private const MONEY = ['purchase_cents' => 'purchase price', 'replacement_cents' => 'replacement value'];

    public function __construct(
        private Audit $audit,
        private Whereabouts $standing,
        private Clock $clock,
        private FillExtraFields $fill,
        private RefreshSearch $search,
        private SaveExpiry $expiry,
        private AreasOfAssets $areas,
    ) {
    }

    public function __invoke(Actor $by, ?Asset $asset, int $siteId, AssetFacts $said, ?int $version = null): Asset
    {
        return DB::transaction(function () use ($by, $asset, $siteId, $said, $version): Asset {
            $isNew = $asset === null;
            $asset = $isNew
                ? new Asset(['site_id' => $siteId, 'life_state' => LifeState::InService])
                : Versioned::lock($asset, $version);
            $tag = $said->newTag();
            if ($tag !== null && $this->standing->taken($siteId, $tag, $isNew ? null : $asset)) {
                throw ValidationException::withMessages([
                    'tag' => "The tag {$tag} is taken at this site. Choose another.",
                ]);
            }
            $before = $isNew ? [] : $this->facts($asset);
            $wasInUse = $asset->life_state->isInUse();
            $to = $said->stands === null ? null : $this->standing->find($siteId, $said->stands);
            $asset->fill($said->own);
            if ($isNew) {
                $asset->fill([
                    'location_id' => $to instanceof Location ? $to->id : null,
                    'parent_id' => $to instanceof Asset ? $to->id : null,
                ]);
            }
            if (Versioned::differs($asset)) {
                $asset->save();
            }
            if ($isNew) {
                DB::table('asset_summaries')->insert(['asset_id' => $asset->id, 'site_id' => $siteId]);
            }
            $moved = $to === null ? [] : $this->move($asset, $to, $isNew);
            $this->followLife($asset, $wasInUse);
            if ($isNew || $moved !== [] || $before['life_state'] !== $asset->life_state->value) {
                $this->areas->keep($asset->path);
            }
            $this->warranty($by, $asset);
            $changes =
                Audit::difference($before, $this->facts($asset)) +
                ($said->extra === null ? [] : ($this->fill)($asset, $said->extra, $said->isWhole));
            $also = array_map(
                static fn (Location|Asset $place): Subject => Subject::of(
                    $place instanceof Location ? 'location' : 'asset',
                    $place->id,
                    $siteId,
                ),
                $moved,
            );
            if ($isNew || $changes !== []) {
                // Where only what stands beside it was changed, it still is another version.
                $asset->save();
                ($this->search)($asset->id);
                $this->audit->record(
                    $by,
                    $asset->subject(),
                    $isNew
                        ? "added {$asset->name} ({$asset->tag})"
                        : (isset($changes['stands'])
                            ? "moved {$asset->name}"
                            : "changed {$asset->name}"),
                    $isNew ? [] : $changes,
                    $said->reason,
                    $also,
                );
            }

            return $asset;
        });
    }

    /** @return array<string, mixed> */
    private function facts(Asset $asset): array
    {
        $place =
            $asset->parent_id !== null
                ? DB::table('assets')->where('id', $asset->parent_id)->value('tag')
                : DB::table('locations')->where('id', $asset->location_id)->value('tag');
        $named = [];
        foreach (self::NAMED as $column => [$word, $table, $name]) {
            $named[$word] =
                $asset->getAttribute($column) === null
                    ? null
                    : DB::table($table)->where('id', $asset->getAttribute($column))->value($name);
        }
        foreach (self::MONEY as $column => $word) {
            $named[$word] =
                $asset->getAttribute($column) === null ? null : Money::plain((int) $asset->getAttribute($column));
        }

        return ['life_state' => $asset->life_state->value] +
            $named +
            $asset->only(
                array_diff(AssetFacts::OWN, ['life_state', ...array_keys(self::NAMED), ...array_keys(self::MONEY)]),
            ) + ['stands' => $place];
    }

    /** @return list<Location|Asset> where it left and where it came */
    private function move(Asset $asset, Location|Asset $to, bool $isNew): array
    {
        $key = "A{$asset->id}";
        $path = $isNew
            ? Whereabouts::path($to)->child($key)
            : TreePath::of($asset->path)->under(Whereabouts::path($to), $key, $asset->name, $to->name);
        if ($path->path === $asset->path) {
            return [];
        }
        $left = $isNew
            ? null
            : ($asset->parent_id !== null
                ? Asset::query()->find($asset->parent_id)
                : Location::query()->find($asset->location_id));
        if (! $isNew) {
            DB::update('UPDATE assets SET path = CONCAT(?, SUBSTRING(path, ?)) WHERE path LIKE ?', [
                $path->path,
                strlen($asset->path) + 1,
                $asset->path.'%',
            ]);
        }
        $asset
            ->fill([
                'path' => $path->path,
                'location_id' => $to instanceof Location ? $to->id : null,
                'parent_id' => $to instanceof Asset ? $to->id : null,
            ])
            ->save();

        return array_values(array_filter([$left, $to]));
    }

    /** The end of the warranty is an expiry date like any other. */
    private function warranty(Actor $by, Asset $asset): void
    {
        $standing = ExpiryDate::standing()
            ->where('kind', 'asset')
            ->where('subject_id', $asset->id)
            ->where('what', ExpiryDate::WARRANTY)
            ->first();
        if ($asset->warranty_until !== $standing?->until) {
            ($this->expiry)(
                $by,
                $asset->subject(),
                $standing,
                $asset->warranty_until === null
                    ? ExpiryInput::end()
                    : ExpiryInput::of(['what' => ExpiryDate::WARRANTY, 'until' => $asset->warranty_until]),
            );
        }
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
        event(new LifeStateChanged($asset, $today));
    }
}
