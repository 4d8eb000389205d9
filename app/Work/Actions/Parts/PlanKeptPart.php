<?php

declare(strict_types=1);

namespace App\Work\Actions\Parts;

use App\Stores\Events\PartsMerged;
use App\Work\Orders\OpenStates;
use App\Work\Projections\ClaimsOfOrder;
use Illuminate\Support\Facades\DB;

/** When two records turn out to be one part, open orders plan the one that is kept, and claim it. */
final readonly class PlanKeptPart
{
    public function __construct(private ClaimsOfOrder $claims)
    {
    }

    public function __invoke(PartsMerged $merged): void
    {
        $orders = DB::table('order_parts as p')
            ->join('work_orders as o', 'o.id', '=', 'p.order_id')
            ->where('p.part_id', $merged->gone->id)
            ->whereIn('o.state', OpenStates::VALUES)
            ->distinct()
            ->pluck('o.id')
            ->map(static fn (mixed $id): int => (int) $id)
            ->all();
        DB::table('order_parts')
            ->whereIn('order_id', $orders)
            ->where('part_id', $merged->gone->id)
            ->update(['part_id' => $merged->kept->id, 'name' => $merged->kept->name]);
        $this->claims->keepMany(...$orders);
    }
}
