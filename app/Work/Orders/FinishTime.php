<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Platform\Clock\Clock;
use App\Work\Models\WorkOrder;
use DateTimeImmutable;
use Sundial\Support\InvalidInput;

/** Whether an order can have been finished at an instant: not in the future, not before the order was made. */
final readonly class FinishTime
{
    public function __construct(private Clock $clock)
    {
    }

    /** @throws InvalidInput */
    public function check(WorkOrder $order, DateTimeImmutable $at): void
    {
        if ($at > $this->clock->now()->modify('+1 minute')) {
            throw InvalidInput::because('future', 'finished_at', 'The finish lies in the future. Give the time at which the work was really finished.');
        }
        if ($at < $this->clock->now()->modify('-366 days')) {
            throw InvalidInput::because('too_early', 'finished_at', 'The finish lies more than a year back. Check the year.');
        }
    }
}
