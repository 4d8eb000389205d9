<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Planning\Actions\CompleteVisit;
use App\Planning\Actions\GiveVisitBack;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Work\CancelledVisit;
use Sundial\Work\OrderMove;

/** Cancels an order with a reason; each visit in it is skipped, or given back to be released again. */
final readonly class CancelWorkOrder
{
    public function __construct(
        private OrderMoves $moves,
        private CompleteVisit $complete,
        private GiveVisitBack $giveBack,
    ) {
    }

    /** @return list<Schedule> the schedules of its visits, as they stand now */
    public function __invoke(Actor $by, WorkOrder $order, string $reason, CancelledVisit $visits): array
    {
        return DB::transaction(function () use ($by, $order, $reason, $visits): array {
            $order = $this->moves->make($by, $this->moves->lock($order), OrderMove::Cancel, 'cancelled', $reason, [
                'reason' => $reason,
            ]);
            $schedules = [];
            foreach ($order->visits()->with('visit')->get() as $covered) {
                $schedules[] =
                    $visits === CancelledVisit::Skip
                        ? ($this->complete)(
                            $covered->visit,
                            LocalDate::parse($covered->visit->planned_on),
                            mb_substr($reason, 0, 250),
                            null,
                            $by,
                        )
                        : ($this->giveBack)($covered->visit, $reason);
            }

            return $schedules;
        });
    }
}
