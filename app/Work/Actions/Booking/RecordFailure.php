<?php

declare(strict_types=1);

namespace App\Work\Actions\Booking;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\StaleWrite;
use App\Work\Models\FailureRecord;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Projections\FailureOfOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Failure\FailureWords;

/** Records what failed on the asset of an order, why, and what was done; or that it was no failure. */
final readonly class RecordFailure
{
    public function __construct(
        private OrderMoves $moves,
        private Audit $audit,
        private FailureOfOrder $failures,
    ) {
    }

    /** @param  int|null  $version  what was seen when this was written; 0: that nothing was recorded yet */
    public function __invoke(
        Actor $by,
        WorkOrder $order,
        FailureWords $said,
        ?string $done = null,
        ?string $leftToDo = null,
        ?int $version = null,
    ): FailureRecord {
        return DB::transaction(function () use ($by, $order, $said, $done, $leftToDo, $version): FailureRecord {
            $order = $this->moves->lock($order);
            if (! $order->state->takesBookings()) {
                throw InvalidInput::because(
                    'wrong_state',
                    'mode',
                    "What failed is told while the work is under way or done; this order is {$order->state->value}.",
                );
            }
            $record = FailureRecord::query()->firstOrNew([
                'order_id' => $order->id,
                'asset_id' => $order->asset_id,
            ]);
            if ($version !== null && $record->exists && $record->version !== $version) {
                throw StaleWrite::of($record);
            }
            $kinds = array_column(FailureKind::cases(), 'value');
            $before = $record->exists ? $record->only([...$kinds, 'none_because']) : [];
            $words = array_merge(array_fill_keys($kinds, null), $said->words);
            $record->fill($words + [
                'failed_at' => $said->at?->format('Y-m-d H:i:s.u'),
                'none_because' => $said->noneBecause,
                'done' => $done,
                'left_to_do' => $leftToDo,
            ]);
            if ($record->exists && ! $record->isDirty()) {
                return $record;
            }
            $record->fill(['version' => $record->exists ? $record->version + 1 : 1])->save();
            $this->audit->record(
                $by,
                $order->subject(),
                $said->noneBecause === null
                    ? "recorded the failure of {$order->label()}: {$record->mode}"
                    : "said that {$order->label()} was no failure",
                Audit::difference($before, $record->only([...$kinds, 'none_because'])),
                $said->noneBecause,
                [$order->about()],
            );

            $this->failures->keep($order);

            return $record;
        });
    }
}
