<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Platform\Clock\Clock;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderState;
use Sundial\Work\TimeInStates;

/** How long an order stood where, until it was over. */
final readonly class TimeOfOrder
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(int $orderId): TimeInStates
    {
        $utc = new DateTimeZone('UTC');
        $over = [OrderState::Closed->value, OrderState::Cancelled->value];
        $stretches = DB::table('order_spans')
            ->where('order_id', $orderId)
            ->whereNotIn('state', $over)
            ->orderBy('from_at')
            ->orderBy('id')
            ->get()
            ->map(
                static fn ($row): array => [
                    implode(', ', array_filter([$row->state, $row->hold_reason, $row->stage])),
                    new DateTimeImmutable((string) $row->from_at, $utc),
                    $row->to_at === null ? null : new DateTimeImmutable((string) $row->to_at, $utc),
                ],
            );

        return TimeInStates::of($stretches, $this->clock->now());
    }
}
