<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Register\Inputs\AssetFacts;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;
use Sundial\Support\InvalidInput;

/** Takes an asset out of use for good, alone or with all that is inside it; its history stays. */
final readonly class RetireAsset
{
    public function __construct(private SaveAsset $save)
    {
    }

    /** @return int how many were retired */
    public function __invoke(Actor $by, Asset $asset, string $reason, bool $withInside): int
    {
        return DB::transaction(function () use ($by, $asset, $reason, $withInside): int {
            $all = Asset::query()
                ->where('path', 'like', "{$asset->path}%")
                ->where('life_state', '<>', LifeState::Retired->value)
                ->when(! $withInside, static fn ($one) => $one->whereKey($asset->id))
                ->orderBy('id')
                ->lockForUpdate()
                ->get();
            $busy = DB::table('asset_summaries as n')
                ->join('assets as a', 'a.id', '=', 'n.asset_id')
                ->whereIn('n.asset_id', $all->pluck('id'))
                ->where('n.open_orders', '>', 0)
                ->orderBy('a.tag')
                ->get(['a.tag', 'n.open_orders']);
            if ($busy->isNotEmpty()) {
                throw InvalidInput::because(
                    'open_orders',
                    'reason',
                    'Open orders stand on '.
                        $busy->take(5)->pluck('tag')->implode(', ').
                        '. Finish or cancel them first, then retire it.',
                );
            }
            foreach ($all as $one) {
                ($this->save)(
                    $by,
                    $one,
                    $one->site_id,
                    AssetFacts::of(['life_state' => LifeState::Retired, 'reason' => $reason]),
                );
            }

            return $all->count();
        });
    }
}
