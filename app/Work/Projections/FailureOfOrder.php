<?php

declare(strict_types=1);

namespace App\Work\Projections;

use App\Stops\Actions\DropFailure;
use App\Stops\Actions\KeepFailure;
use App\Work\Models\FailureRecord;
use App\Work\Models\WorkOrder;
use App\Work\Models\WorkRequest;
use DateTimeImmutable;
use DateTimeZone;
use Sundial\Work\Failure\FailureTold;

/**
 * Tells the floor of stops of the failure that an order mended, once it is done: from when it failed, as far as that is
 * known, until it was finished.
 */
final readonly class FailureOfOrder
{
    public function __construct(private KeepFailure $keep, private DropFailure $drop)
    {
    }

    public function keep(WorkOrder $order): void
    {
        $record = FailureRecord::query()->where('order_id', $order->id)->first();
        $told = match (true) {
            $record === null => FailureTold::Nothing,
            $record->none_because !== null => FailureTold::None,
            default => FailureTold::Failure,
        };
        $counts = $order->asset !== null &&
            $order->standing_id === null &&
            $order->finished_at !== null &&
            ! $order->state->isOpen() &&
            $told->counts($order->type, $order->visits()->exists());
        if (! $counts || $order->asset === null || $order->finished_at === null) {
            // A finish of which nothing was told has kept nothing before: what is open again was dropped then.
            if ($record !== null || $order->state->isOpen()) {
                ($this->drop)($order->subject());
            }

            return;
        }
        $utc = new DateTimeZone('UTC');
        $down = WorkRequest::query()->where('order_id', $order->id)->whereNotNull('down_since')->min('down_since');
        $at = $record->failed_at ?? (is_string($down) ? $down : $order->started_at);
        ($this->keep)(
            $order->asset,
            $order->subject(),
            $order->label(),
            new DateTimeImmutable($at ?? $order->finished_at, $utc),
            new DateTimeImmutable($order->finished_at, $utc),
        );
    }
}
