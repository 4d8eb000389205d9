<?php

declare(strict_types=1);

namespace App\Work\Actions\Release;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Models\ReleaseBatch;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\CancelledVisit;
use Sundial\Work\OrderState;

/**
 * Takes a release back as long as none of its orders was started: they are cancelled, and their visits can be
 * released again.
 */
final readonly class UndoRelease
{
    public function __construct(private CancelWorkOrder $cancel, private Audit $audit, private OrderMoves $moves)
    {
    }

    public function __invoke(Actor $by, ReleaseBatch $batch): void
    {
        DB::transaction(function () use ($by, $batch): void {
            $batch = ReleaseBatch::query()->lockForUpdate()->findOrFail($batch->id);
            if ($batch->undone_at !== null) {
                return;
            }
            $orders = WorkOrder::query()
                ->where('batch_id', $batch->id)
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->filter(static fn (WorkOrder $order): bool => $order->state !== OrderState::Cancelled);
            $begun = $orders->filter(
                static fn (WorkOrder $order): bool => ! in_array(
                    $order->state,
                    [OrderState::Planned, OrderState::Approved],
                    true,
                ) || $order->started_at !== null,
            );
            if ($begun->isNotEmpty()) {
                throw InvalidInput::because(
                    'begun',
                    'form',
                    'The release cannot be taken back, because work on '.
                        $begun->take(5)->map(static fn (WorkOrder $order): string => $order->label())->implode(', ').
                        ($begun->count() > 5 ? ' and others' : '').
                        ' has begun. Cancel single orders instead.',
                );
            }
            foreach ($orders as $order) {
                ($this->cancel)($by, $order, 'the release was taken back', CancelledVisit::GiveBack);
            }
            $batch->fill(['undone_at' => $this->moves->now(), 'undone_by' => $by->name])->save();
            $this->audit->record(
                $by,
                Subject::of('site', $batch->site_id, $batch->site_id),
                "took back a release of {$orders->count()} orders",
            );
        });
    }
}
