<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Calendar\LocalDate;

/** Something on a day of the calendar, and how it is moved to another, if it can be. */
final readonly class CalendarItem
{
    /**
     * @param  string  $kind  visit or order
     * @param  string  $state  its nearness or state, in one word
     * @param  array{href: string, field: string, version: int}|null  $move  the address that takes the day by PUT
     */
    public function __construct(
        public LocalDate $day,
        public string $kind,
        public string $title,
        public string $tag,
        public string $href,
        public string $state,
        public ?array $move,
    ) {
    }
}
