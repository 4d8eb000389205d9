<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Work\HoldReason;
use Sundial\Work\OrderMove;

/** Puts work that has begun on hold, with a reason that can be counted. */
final readonly class HoldWorkOrder
{
    public function __construct(private OrderMoves $moves, private SiteDays $days)
    {
    }

    /** @param  LocalDate|null  $look  when one looks at it again; null: as the reason says */
    public function __invoke(
        Actor $by,
        WorkOrder $order,
        HoldReason $why,
        ?string $note = null,
        ?LocalDate $look = null,
    ): WorkOrder {
        return DB::transaction(
            fn (): WorkOrder => $this->moves->make(
                $by,
                $this->moves->lock($order),
                OrderMove::Hold,
                'put on hold',
                trim("{$why->name}. {$note}", '. '),
                [
                    'hold_reason' => $why->name,
                    'reason' => $note,
                    'look_again_on' => (string) $why->lookAgain($this->days->today($order->site_id), $look),
                ],
            ),
        );
    }
}
