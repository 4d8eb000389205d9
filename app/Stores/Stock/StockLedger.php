<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Stores\Models\Movement;
use Sundial\Stock\StockMove;
use Sundial\Support\Quantity;

/** Writes a movement into the ledger, and stands the stock where it leads. The row is held. */
final readonly class StockLedger
{
    public function __construct(private Clock $clock, private SiteDays $days, private LotLedger $lots)
    {
    }

    public function post(HeldStock $held, StockMove $move, Posting $posting): Movement
    {
        $row = $held->row;
        $today = (string) $this->days->today($row->site_id);
        $row->fill([
            'on_hand' => Quantity::plain($move->after->onHand),
            'value_cents' => $move->after->cents,
            'last_price' => $move->after->lastAverage()?->plain(),
            'moved_on' => $today,
            'taken_on' => $posting->kind->isTaking($move->quantity) ? $today : $row->taken_on,
        ]);

        $posted = Movement::query()->create([
            'site_id' => $row->site_id,
            'stock_id' => $row->id,
            'kind' => $posting->kind,
            'quantity' => Quantity::plain($move->quantity),
            'value_cents' => $move->cents,
            'on_hand_after' => $row->on_hand,
            'value_after_cents' => $row->value_cents,
            'variance_cents' => $posting->variance,
            'of_id' => $posting->ofId,
            'subject_kind' => $posting->for?->kind,
            'subject_id' => $posting->for?->id,
            'label' => $posting->label,
            'reason' => $posting->reason,
            'moved_on' => $today,
            'user_id' => $posting->by->id,
            'who' => $posting->by->name,
            'second_who' => $posting->second,
            'noted_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
        ]);
        $this->lots->follow($row, $posted, $posting);

        return $posted;
    }
}
