<?php

declare(strict_types=1);

namespace Sundial\Planning\Visit;

use Sundial\Calendar\LocalDate;

/** When the next visits on an asset are close enough to be worth doing in one order. */
final readonly class CloseVisits
{
    /** Days between the first and the last of them, at most. */
    public const SPAN = 14;

    private const AHEAD = 28;

    /**
     * The last planned day at which visits are looked for: four weeks ahead.
     *
     * On 18 March: 15 April.
     */
    public static function lookedForUntil(LocalDate $today): LocalDate
    {
        return $today->plusDays(self::AHEAD);
    }

    /**
     * Whether visits between two days, both counted, are close.
     *
     * 1 and 15 March are; 1 and 16 March are not.
     */
    public static function are(LocalDate $first, LocalDate $last): bool
    {
        return abs($first->daysUntil($last)) <= self::SPAN;
    }
}
