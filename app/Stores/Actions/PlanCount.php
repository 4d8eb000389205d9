<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\NumberSeries;
use App\Stores\Models\StockCount;
use App\Stores\Models\Store;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Makes a sheet to count some parts of a store. */
final readonly class PlanCount
{
    /** The number with which its series begins. */
    private const FIRST = 1;

    public function __construct(private Audit $audit, private SiteDays $days)
    {
    }

    /**
     * @param  list<int>  $stockIds
     *
     * Refuses: nothing.
     */
    public function __invoke(Actor $by, Store $store, string $about, array $stockIds, bool $blind): StockCount
    {
        return DB::transaction(function () use ($by, $store, $about, $stockIds, $blind): StockCount {
            $ids = DB::table('stock')
                ->where('store_id', $store->id)
                ->whereIn('id', $stockIds)
                ->orderBy('bin')
                ->pluck('id');
            if ($ids->isEmpty()) {
                throw InvalidInput::because('nothing', 'parts', 'Nothing in this store fits that. Choose other parts.');
            }
            $count = StockCount::query()->create([
                'site_id' => $store->site_id,
                'store_id' => $store->id,
                'number' => NumberSeries::take('counts', self::FIRST),
                'blind' => $blind,
                'about' => mb_substr($about, 0, 120),
                'made_on' => (string) $this->days->today($store->site_id),
                'made_by' => $by->id,
                'made_who' => $by->name,
            ]);
            foreach ($ids as $id) {
                $count->lines()->create(['site_id' => $store->site_id, 'stock_id' => $id]);
            }
            $this->audit->record($by, $count->subject(), "planned {$count->label()}: {$about}");

            return $count;
        });
    }
}
