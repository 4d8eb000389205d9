<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use Sundial\Calendar\LocalDate;

/** A new day has begun at a site; said within the transaction that notes it. */
final readonly class DayBegan
{
    /** @param  LocalDate|null  $before  the day that stood in the tables; null for none */
    public function __construct(public int $siteId, public LocalDate $today, public ?LocalDate $before)
    {
    }
}
