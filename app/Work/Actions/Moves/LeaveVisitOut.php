<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\Planning\Actions\GiveVisitBack;
use App\Planning\Queries\PlannedWork;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Work\Models\OrderVisit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\ClaimsOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/**
 * Leaves a visit that was taken along out of its order again, as long as none of its steps was ticked; it can be
 * released by itself.
 */
final readonly class LeaveVisitOut
{
    public function __construct(
        private GiveVisitBack $giveBack,
        private OrderMoves $moves,
        private Audit $audit,
        private ClaimsOfOrder $claims,
    ) {
    }

    public function __invoke(Actor $by, WorkOrder $order, int $visitId): void
    {
        DB::transaction(function () use ($by, $order, $visitId): void {
            $order = $this->moves->lock($order);
            $covered = $order
                ->visits()
                ->with(['visit.schedule.round.stations.asset', 'revision.steps', 'revision.labour'])
                ->get();
            $one = $covered->firstWhere('visit_id', $visitId);
            if ($one === null) {
                return;
            }
            if (! $order->state->isOpen() || $covered->first()?->visit_id === $visitId) {
                throw InvalidInput::because(
                    'not_taken',
                    'schedules',
                    $order->state->isOpen()
                        ? 'The order was made for this visit. Cancel the order instead.'
                        : "{$order->label()} is {$order->state->value}.",
                );
            }
            $steps = DB::table('order_steps')->where('order_id', $order->id)->where('visit_id', $visitId);
            if ((clone $steps)->whereNotNull('ticked_at')->exists()) {
                throw InvalidInput::because(
                    'begun',
                    'schedules',
                    'Some of its steps are ticked already. Take the ticks back first.',
                );
            }
            $this->remove($order, $one);
            $order->version++;
            $order->save();
            $this->claims->keep($order);
            ($this->giveBack)($one->visit, "left out of {$order->label()}");
            $this->audit->record(
                $by,
                $order->subject(),
                "left {$one->visit->schedule->name} out of {$order->label()}",
                [],
                null,
                [$order->about(), $one->visit->schedule->subject()],
            );
        });
    }

    private function remove(WorkOrder $order, OrderVisit $one): void
    {
        $order->planned_minutes = max(
            0,
            $order->planned_minutes - PlannedWork::ofVisit($one->visit, $one->revision)->minutes,
        );
        foreach (['order_steps', 'order_labour', 'order_parts', 'order_services', 'order_visits'] as $table) {
            DB::table($table)->where('order_id', $order->id)->where('visit_id', $one->visit_id)->delete();
        }
    }
}
