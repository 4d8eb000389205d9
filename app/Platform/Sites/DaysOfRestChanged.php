<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use Sundial\Calendar\LocalDate;

/**
 * A day became a day of rest, or a working day again, or the working week changed; raised within the transaction that
 * says so.
 */
final class DaysOfRestChanged
{
    /** @var list<string> what followed, a sentence each, for whoever changed it */
    public array $followed = [];

    /** @param  LocalDate|null  $day  the day that changed; null: the working week */
    public function __construct(public readonly int $siteId, public readonly ?LocalDate $day)
    {
    }
}
