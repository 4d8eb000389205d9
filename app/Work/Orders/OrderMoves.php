<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Hooks\Outbox;
use App\Work\Models\WorkOrder;
use App\Work\Projections\ClaimsOfOrder;
use App\Work\Projections\ToolsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\AssetState;
use Sundial\Work\OrderMove;

/**
 * What every change of an order's state has in common: the locked row, the rule of the core, the summary of the
 * asset, the audit.
 */
final readonly class OrderMoves
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private Outbox $outbox,
        private ClaimsOfOrder $claims,
        private ToolsOfOrder $tools,
    ) {
    }

    /**
     * The order as it stands now, held, and its asset before it: a move can end its stop. A move that was decided on
     * an older version is refused.
     *
     * @param  int|null  $version  what stood in the window in which it was decided; null: whatever stands
     */
    public function lock(WorkOrder $order, ?int $version = null): WorkOrder
    {
        DB::table('assets')->where('id', $order->asset_id)->lockForUpdate()->value('id');
        $now = WorkOrder::query()->lockForUpdate()->findOrFail($order->id);
        if ($version !== null && $now->version !== $version) {
            throw InvalidInput::because(
                'stale',
                'form',
                "{$now->label()} was changed since this page was opened, and is {$now->state->value} now. Nothing was ".
                    'done. Look at what stands here, then decide again.',
            );
        }

        return $now;
    }

    /**
     * Moves a locked order and saves it with what else was filled in.
     *
     * @param  array<string, mixed>  $fill
     */
    public function make(
        Actor $by,
        WorkOrder $order,
        OrderMove $move,
        string $did,
        ?string $reason = null,
        array $fill = [],
    ): WorkOrder {
        $from = $order->state;
        $order->state = $move->apply($from, $reason);
        // A stage is a name inside a state, and a look belongs to a hold: neither outlives it.
        $now = $this->now();
        $order->fill(['stage' => null, 'look_again_on' => null, 'since_at' => $now, ...$fill]);
        $order->version++;
        $order->save();
        Spans::turn($order, $now);
        if ($from->isOpen() !== $order->state->isOpen()) {
            $this->countOpen(...OrderRows::assets($order->id));
            $this->tools->keep($order);
        }
        if ($from->isApproved() !== $order->state->isApproved()) {
            $this->claims->keep($order);
        }
        $this->audit->record(
            $by,
            $order->subject(),
            "{$did} {$order->label()}",
            ['state' => [$from->value, $order->state->value]],
            $reason,
            [$order->about()],
        );
        $this->outbox->tell(
            $order->site_id,
            "order.{$order->state->value}",
            static fn (): array => OrderTold::of($order, $from, $by->name),
        );

        return $order;
    }

    public function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s.u');
    }

    /** Keeps the number of open orders in the summary rows of assets. */
    public function countOpen(?int ...$assetIds): void
    {
        $open = DB::table('order_assets as r')
            ->join('work_orders as o', 'o.id', '=', 'r.order_id')
            ->whereColumn('r.asset_id', 'asset_summaries.asset_id')
            ->where('r.state', '<>', AssetState::LeftOut->value)
            ->whereIn('o.state', OpenStates::VALUES)
            ->selectRaw('COUNT(*)');
        DB::table('asset_summaries')
            ->whereIn('asset_id', array_filter($assetIds))
            ->update(['open_orders' => $open]);
    }
}
