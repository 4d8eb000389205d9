<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Queries\StockOf;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrdersForPart;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;

/** A part before its shelf: how much lies where, and the orders for which one would take it. */
final readonly class FloorPartPage
{
    public function __construct(
        private CurrentSite $site,
        private StockOf $stock,
        private OrdersForPart $orders,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Part $part): array
    {
        $me = Auth::user();
        $rows = $this->stock->part($part->id, $this->site->id());
        $keeps = Rights::has(Right::KeepStores);
        $orders = $me instanceof User ? $this->orders->of($part->id, $this->site->id(), $me) : collect();

        return [
            'title' => $part->name,
            'part' => $part,
            'site' => $this->site->get(),
            'rows' => $rows,
            'free' => (int) $rows->sum(static fn (Stock $one): int => $one->free()),
            'orders' => $orders->filter(
                static fn (WorkOrder $one): bool => Gate::allows('takeParts', $one),
            )->values(),
            'keeps' => $keeps,
            'mayTake' => Rights::has(Right::TakePromised),
        ];
    }
}
