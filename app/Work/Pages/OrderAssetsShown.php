<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Register\Queries\RegisterLists;
use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Queries\SharesOf;
use App\Work\Queries\ShutdownLines;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Costing\SpreadBy;
use Sundial\Work\LinkKind;

/** On the sheet of an order: the assets on which it is worked, what each carries of its cost, and its other orders. */
final readonly class OrderAssetsShown
{
    public function __construct(
        private SharesOf $shares,
        private RegisterLists $lists,
        private ShutdownLines $shutdowns,
        private Wording $words,
    ) {
    }

    /**
     * @param  array{links: bool, shutdown: bool, ...}  $has
     * @param  bool  $edits  whether lines of the plan are put in on this page
     * @return array<string, mixed>
     */
    public function __invoke(WorkOrder $order, array $has, bool $edits): array
    {
        $several = $order->rows->count() > 1;
        $sees = $several && Rights::has(Right::SeeCosts);

        return [
            'isOnSeveral' => $several,
            'mayAddAssets' => $edits && $order->asset_id !== null,
            'mayMarkAssets' => $several && Gate::allows('work', $order) && $order->state->takesBookings() &&
                $order->state->isOpen(),
            'shareOf' => $sees ? array_map($this->words->cost(...), $this->shares->byRow($order->id)) : [],
            'classes' => $edits && $order->asset_id !== null ? $this->lists->classes() : collect(),
            'placesOf' => $edits && $order->asset_id !== null ? $this->lists->locations($order->site_id) : collect(),
            'spreads' => SpreadBy::cases(),
            'linkKinds' => LinkKind::cases(),
            'links' => $has['links'] ? $this->shares->links($order->id) : [],
            'shutdown' => $has['shutdown'] ? $this->shutdowns->around($order->id) : null,
            'bookedOn' => $several
                ? $order->rows->mapWithKeys(static fn (OrderAsset $row): array => [$row->id => $row->label()])->all()
                : [],
        ];
    }
}
