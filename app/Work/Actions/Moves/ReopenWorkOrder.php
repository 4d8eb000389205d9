<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Planning\Actions\TakeBackCompletion;
use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\RowsFinished;
use App\Work\Projections\FailureOfOrder;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;

/**
 * Reopens a finished or closed order, with a reason. Its schedules go back to where they stood, while their next
 * visit has no order.
 */
final readonly class ReopenWorkOrder
{
    public function __construct(
        private OrderMoves $moves,
        private TakeBackCompletion $takeBack,
        private FailureOfOrder $failures,
        private SiteDays $days,
    ) {
    }

    /** @return array{WorkOrder, int} the order, and how many schedules were set back */
    public function __invoke(Actor $by, WorkOrder $order, string $reason): array
    {
        return DB::transaction(function () use ($by, $order, $reason): array {
            $order = $this->moves->lock($order);
            if ($order->finished_at !== null) {
                $finished = new DateTimeImmutable($order->finished_at, new DateTimeZone('UTC'));
                RowsFinished::back($order, $this->days->site($order->site_id)->dayOf($finished));
            }
            $order = $this->moves->make($by, $order, OrderMove::Reopen, 'reopened', $reason, [
                'finished_at' => null,
                'closed_at' => null,
                'handed_back_at' => null,
                'handed_back_who' => null,
                'reason' => $reason,
            ]);
            $this->failures->keep($order);
            $back = 0;
            foreach ($order->visits()->with('visit')->get() as $covered) {
                $back += ($this->takeBack)($covered->visit, $order->label()) ? 1 : 0;
            }

            return [$order, $back];
        });
    }
}
