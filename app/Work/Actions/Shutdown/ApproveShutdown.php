<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Models\Shutdown;
use Sundial\Support\InvalidInput;

/** Approves all orders of a shutdown that wait for it. One that is refused stays as it is and is named. */
final readonly class ApproveShutdown
{
    public function __construct(private ApproveWorkOrder $approve, private Audit $audit)
    {
    }

    /** @return array{int, array<string, string>} how many were approved, and why each other was not */
    public function __invoke(Actor $by, Shutdown $shutdown): array
    {
        $approved = 0;
        $refused = [];
        foreach ($shutdown->orders()->orderBy('work_orders.id')->get() as $order) {
            if (! $order->state->waitsForApproval($order->grown)) {
                continue;
            }
            try {
                ($this->approve)($by, $order);
                $approved++;
            } catch (InvalidInput $refusal) {
                $refused[$order->label()] = $refusal->getMessage();
            }
        }
        if ($approved > 0) {
            $words = $approved === 1 ? '1 order' : "{$approved} orders";
            $this->audit->record($by, $shutdown->subject(), "approved {$words} of {$shutdown->label()}");
        }

        return [$approved, $refused];
    }
}
