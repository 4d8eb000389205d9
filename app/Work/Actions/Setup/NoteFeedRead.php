<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Work\Models\CalendarFeed;
use DateTimeImmutable;

/** Keeps when a calendar address was last read, so that its owner sees which one is still in use. */
final readonly class NoteFeedRead
{
    public function __invoke(CalendarFeed $feed, DateTimeImmutable $at): void
    {
        CalendarFeed::query()
            ->whereKey($feed->id)
            ->update(['used_at' => $at->format('Y-m-d H:i:s.u')]);
    }
}
