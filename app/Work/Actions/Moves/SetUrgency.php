<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\ClaimsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\PlausibleDay;
use Sundial\Support\InvalidInput;
use Sundial\Work\Priority;

/** Says anew how urgent an open order is, and until when it is to be done. */
final readonly class SetUrgency
{
    public function __construct(
        private OrderMoves $moves,
        private SiteDays $days,
        private Audit $audit,
        private ClaimsOfOrder $claims,
    ) {
    }

    public function __invoke(
        Actor $by,
        WorkOrder $order,
        Priority $priority,
        ?LocalDate $due,
        ?int $version = null,
    ): WorkOrder {
        return DB::transaction(function () use ($by, $order, $priority, $due, $version): WorkOrder {
            $order = $this->moves->lock($order, $version);
            if (! $order->state->isOpen()) {
                throw InvalidInput::because(
                    'locked',
                    'priority',
                    "{$order->label()} is {$order->state->value}; only open orders are changed.",
                );
            }
            if ($due !== null && (string) $due !== $order->due_on) {
                $today = $this->days->today($order->site_id);
                PlausibleDay::check($due, $today, 'due_on', 'The due day', back: 1, ahead: 5);
            }
            $before = ['priority' => $order->priority->value, 'due_on' => $order->due_on];
            $after = ['priority' => $priority->value, 'due_on' => $due === null ? null : (string) $due];
            if ($before === $after) {
                return $order;
            }
            $order->fill($after + ['version' => $order->version + 1])->save();
            $this->claims->keep($order);
            $this->audit->record(
                $by,
                $order->subject(),
                "changed how urgent {$order->label()} is",
                Audit::difference($before, $after),
                null,
                [$order->about()],
            );

            return $order;
        });
    }
}
