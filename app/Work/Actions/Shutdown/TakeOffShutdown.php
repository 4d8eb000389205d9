<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\Shutdown;
use App\Work\Models\WorkOrder;
use App\Work\Shutdowns\HeldShutdown;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Takes an order off a shutdown: it is worked by itself again. */
final readonly class TakeOffShutdown
{
    public function __construct(private HeldShutdown $held, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Shutdown $shutdown, WorkOrder $order): void
    {
        DB::transaction(function () use ($by, $shutdown, $order): void {
            $shutdown = $this->held->open($shutdown);
            $gone = DB::table('shutdown_orders')
                ->where(['shutdown_id' => $shutdown->id, 'order_id' => $order->id])
                ->delete();
            if ($gone === 0) {
                throw InvalidInput::because('not_in_it', 'orders', "{$order->label()} is not in {$shutdown->label()}.");
            }
            $this->audit->record(
                $by,
                $order->subject(),
                "took {$order->label()} off {$shutdown->label()}",
                [],
                null,
                [$shutdown->subject()],
            );
        });
    }
}
