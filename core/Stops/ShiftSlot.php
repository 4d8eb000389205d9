<?php

declare(strict_types=1);

namespace Sundial\Stops;

use Sundial\Calendar\LocalDate;

/** One shift on one day, in epoch seconds, with its breaks. It belongs to the day on which it begins. */
final readonly class ShiftSlot
{
    /** @param  list<Span>  $breaks */
    public function __construct(public string $name, public LocalDate $day, public Span $span, public array $breaks)
    {
    }
}
