<?php

declare(strict_types=1);

namespace App\Work\Imports;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Import\InUse;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\CostDays;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Takes back orders that came from a file, as long as nobody did anything with them here. */
final readonly class GiveFormerBack
{
    /** Tables whose rows came with an order, and go with it. */
    private const OWN = ['cost_entries', 'former_costs', 'failure_records', 'order_spans', 'order_assets'];

    public function __construct(private OrderMoves $moves, private Audit $audit, private CostDays $days)
    {
    }

    /** @param  list<int>  $ids */
    public function __invoke(Actor $by, int $siteId, array $ids): void
    {
        $this->check($siteId, $ids);
        $assets = [];
        foreach (array_chunk($ids, 500) as $some) {
            $orders = WorkOrder::query()->where('site_id', $siteId)->whereIn('id', $some)->get();
            $this->audit->recordMany($by, array_values($orders->map(static fn (WorkOrder $one): array => [
                $one->subject(),
                "took {$one->label()} back, {$one->former} before",
                [$one->about()],
            ])->all()));
            DB::table('failures')->where('kind', 'order')->whereIn('subject_id', $some)->delete();
            $this->days->changed(DB::table('cost_entries')->whereIn('order_id', $some)->get(), []);
            foreach (self::OWN as $table) {
                DB::table($table)->whereIn('order_id', $some)->delete();
            }
            DB::table('work_orders')->whereIn('id', $some)->delete();
            $assets = [...$assets, ...$orders->pluck('asset_id')->all()];
        }
        $this->moves->countOpen(...array_unique($assets));
    }

    /** @param  list<int>  $ids */
    private function check(int $siteId, array $ids): void
    {
        $used = InUse::of('work_orders', $ids, self::OWN);
        $moved = WorkOrder::query()
            ->where('site_id', $siteId)
            ->whereIn('id', $ids)
            ->where(static fn ($any) => $any->where('version', '>', 1)->orWhereIn('id', array_keys($used)))
            ->orderBy('number')
            ->limit(5)
            ->get();
        if ($moved->isNotEmpty()) {
            $labels = $moved->map(static fn (WorkOrder $one): string => $one->label())->implode(', ');
            throw InvalidInput::because(
                'in_use',
                'file',
                "Nothing was taken back, because some of the orders were worked on since: {$labels}.",
            );
        }
    }
}
