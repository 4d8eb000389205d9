<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Stores\Queries\StoreRulesOf;
use App\Work\Isolations\Locks;
use App\Work\Models\OrderPrecaution;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\PartsReadyOf;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\PartsReady;
use Sundial\Stock\StartShort;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderMove;
use Sundial\Work\Precautions;

/** Starts the work once its precautions are confirmed; the actual start is now. */
final readonly class StartWorkOrder
{
    public function __construct(
        private OrderMoves $moves,
        private Locks $locks,
        private Clock $clock,
        private StoreRulesOf $stores,
        private PartsReadyOf $parts,
    ) {
    }

    /** @param  list<int>  $confirmed  positions of the precautions that are confirmed */
    public function __invoke(Actor $by, WorkOrder $order, array $confirmed = []): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $confirmed): WorkOrder {
            $order = $this->moves->lock($order);
            if ($order->grown !== null) {
                throw InvalidInput::because(
                    'approve_again',
                    'form',
                    "The plan grew by its {$order->grown->value} since it was approved. Have it approved again first.",
                );
            }
            $rules = $this->stores->ofSite($order->site_id);
            if ($rules->startShort === StartShort::Refused) {
                $rules->checkStart($this->parts->of([$order->id])[$order->id] ?? PartsReady::of());
            }
            $this->locks->checkStart($order, $this->clock->now());
            $open = OrderPrecaution::query()->where('order_id', $order->id)->whereNull('confirmed_at');
            $texts = (clone $open)->orderBy('position')->pluck('text', 'position')->all();
            Precautions::check($texts, $confirmed);
            $open->update(['confirmed_at' => $this->moves->now(), 'confirmed_by' => $by->name]);

            return $this->moves->make(
                $by,
                $order,
                OrderMove::Start,
                'started',
                $texts === [] ? null : 'confirmed: '.implode('; ', $texts),
                [
                    'started_at' => $order->started_at ?? $this->moves->now(),
                    'assignee_id' => $order->assignee_id ?? $by->id,
                ],
            );
        });
    }
}
