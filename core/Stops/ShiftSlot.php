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

    /**
     * What is left of it beside shifts of its line that stand already, such as the night before the first day of
     * another pattern, so that no minute belongs to two: its first stretch that is free, with the breaks in it; null
     * where nothing is.
     */
    public function beside(SpanSet $standing): ?self
    {
        $free = SpanSet::of($this->span)->without($standing)->spans()[0] ?? null;
        if ($free === null) {
            return null;
        }
        $breaks = array_map(static fn (Span $one): Span => $one->cut($free), $this->breaks);

        return new self(
            $this->name,
            $this->day,
            $free,
            array_values(array_filter($breaks, static fn (Span $one): bool => ! $one->isEmpty())),
        );
    }
}
