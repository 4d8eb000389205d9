<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\CostShares;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\AssetState;

/** Says of one asset of an order that the work on it is done on a day, that it is left out and why, or is open. */
final readonly class SetAssetState
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private SiteDays $days,
        private CostShares $shares,
    ) {
    }

    public function __invoke(
        Actor $by,
        WorkOrder $order,
        OrderAsset $row,
        AssetState $to,
        ?LocalDate $day = null,
        ?string $reason = null,
    ): OrderAsset {
        return DB::transaction(function () use ($by, $order, $row, $to, $day, $reason): OrderAsset {
            $order = $this->moves->lock($order);
            $row = OrderAsset::query()->where('order_id', $order->id)->findOrFail($row->id);
            $this->check($order, $to, $day);
            $others = $order->rows()->whereKeyNot($row->id)->where('state', '<>', AssetState::LeftOut)->count();
            AssetState::said($to, $reason, $others);
            if ($to === AssetState::LeftOut) {
                $this->refuseVisits($order, $row);
            }
            $row->fill([
                'state' => $to,
                'done_on' => $to === AssetState::Done ? (string) ($day ?? $this->days->today($order->site_id)) : null,
                'reason' => $to === AssetState::LeftOut ? mb_substr(trim((string) $reason), 0, 250) : null,
                'who' => $to === AssetState::Open ? null : $by->name,
            ])->save();
            $this->shares->keep($order);
            $this->moves->countOpen($row->asset_id);
            $this->audit->record(
                $by,
                $order->subject(),
                "{$row->label()} of {$order->label()} is {$to->value}".
                    ($row->done_on === null ? '' : " on {$row->done_on}"),
                [],
                $row->reason,
                [$order->about()],
            );

            return $row;
        });
    }

    /** A visit that a schedule asked for is given back first, so that it comes again. */
    private function refuseVisits(WorkOrder $order, OrderAsset $row): void
    {
        $visit = $order->covered()->with('schedule')->get()->first(
            static fn (Visit $one): bool => $one->schedule->round_id === null &&
                $one->schedule->asset_id === $row->asset_id,
        );
        if ($visit !== null) {
            throw InvalidInput::because(
                'has_visit',
                'left_reason',
                "{$visit->schedule->name} on {$row->label()} is covered by this order. Leave that visit out first, ".
                    'under “Visits that it covers”: it is given back and comes again.',
            );
        }
    }

    private function check(WorkOrder $order, AssetState $to, ?LocalDate $day): void
    {
        if (! $order->state->isOpen() || ($to === AssetState::Done && ! $order->state->takesBookings())) {
            throw InvalidInput::because(
                'wrong_state',
                'done_on',
                "That is said while the work is under way; this order is {$order->state->value}.",
            );
        }
        if ($day?->isAfter($this->days->today($order->site_id)) === true) {
            throw InvalidInput::because('future', 'done_on', 'The day lies ahead. Give the day on which it was done.');
        }
    }
}
