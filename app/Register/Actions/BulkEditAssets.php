<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Register\Inputs\AssetFacts;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use App\Register\Table\Held;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Support\InvalidInput;

/**
 * Sets one fact of many assets to the same, all or none; and takes the last such change back where nobody changed it
 * since.
 */
final readonly class BulkEditAssets
{
    public const MOST = 500;

    public const FACTS = [
        'team_id',
        'criticality',
        'cost_centre_id',
        'supplier_id',
        'life_state',
        'make',
        'model',
        'class_id',
    ];

    public function __construct(private SaveAsset $save, private Clock $clock)
    {
    }

    /**
     * @param  list<int>|null  $ids  the assets; null to take back the change $undo
     * @param  string  $field  a fact, or "x" and the number of an extra field
     * @return array{int, int} how many were changed, and the number of the change
     */
    public function __invoke(
        Actor $by,
        int $siteId,
        ?array $ids,
        string $field,
        ?string $value,
        ?int $undo = null,
    ): array {
        return DB::transaction(
            fn (): array => $ids === null
                ? $this->takeBack($by, $siteId, (int) $undo)
                : $this->change($by, $siteId, $ids, $field, $value),
            3,
        );
    }

    /** @param  list<int>  $ids
     * @return array{int, int} */
    private function change(Actor $by, int $siteId, array $ids, string $field, ?string $value): array
    {
        if ($ids === [] || count($ids) > self::MOST) {
            throw InvalidInput::because(
                'count',
                'form',
                $ids === []
                    ? 'Choose at least one asset first.'
                    : 'At most '.self::MOST.' assets are changed at once. Filter further, and do it in parts.',
            );
        }
        $before = [];
        $assets = Asset::query()
            ->where('site_id', $siteId)
            ->whereIn('id', $ids)
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        foreach ($assets as $asset) {
            $old = Held::by($asset, $field);
            if ($old !== $value) {
                $before[$asset->id] = $old;
                $this->set($by, $asset, $field, $value);
            }
        }
        $id = DB::table('bulk_edits')->insertGetId([
            'site_id' => $siteId,
            'user_id' => $by->id,
            'field' => $field,
            'before' => json_encode($before, JSON_THROW_ON_ERROR),
            'after' => $value,
            'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
        ]);

        return [count($before), $id];
    }

    /** @return array{int, int} */
    private function takeBack(Actor $by, int $siteId, int $undo): array
    {
        $edit =
            DB::table('bulk_edits')
                ->where('site_id', $siteId)
                ->where('user_id', $by->id)
                ->where('id', $undo)
                ->whereNull('undone_at')
                ->lockForUpdate()
                ->first() ??
            throw InvalidInput::because('undone', 'form', 'That change was taken back already, or was not yours.');
        $before = (array) json_decode((string) $edit->before, true);
        $count = 0;
        foreach (
            Asset::query()
                ->where('site_id', $siteId)
                ->whereIn('id', array_keys($before))
                ->orderBy('id')
                ->lockForUpdate()
                ->get() as $asset
        ) {
            if (Held::by($asset, $edit->field) === $edit->after) {
                $this->set($by, $asset, $edit->field, $before[$asset->id]);
                $count++;
            }
        }
        DB::table('bulk_edits')
            ->where('id', $undo)
            ->update(['undone_at' => $this->clock->now()->format('Y-m-d H:i:s.u')]);

        return [$count, $undo];
    }

    private function set(Actor $by, Asset $asset, string $field, ?string $value): void
    {
        if ($field[0] === 'x' && ctype_digit(substr($field, 1))) {
            $extra = Field::query()->findOrFail((int) substr($field, 1));
            ($this->save)(
                $by,
                $asset,
                $asset->site_id,
                AssetFacts::part(['extra' => [$extra->id => $value === null ? '' : $extra->rule()->typed($value)]]),
            );

            return;
        }
        ($this->save)(
            $by,
            $asset,
            $asset->site_id,
            AssetFacts::part([$field => $field === 'life_state' ? LifeState::from((string) $value) : $value]),
        );
    }
}
