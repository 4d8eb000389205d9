<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Work\Models\WorkOrder;
use Sundial\Work\Review\Review;

/** A finished order in the queue of those that wait for their review. */
final readonly class ReviewLine
{
    /**
     * @param  int  $booked  person-minutes
     * @param  string  $who  those who booked hours, by name
     */
    public function __construct(
        public WorkOrder $order,
        public Review $review,
        public int $booked,
        public string $who,
    ) {
    }
}
