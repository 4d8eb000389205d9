<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Tool;
use App\Stores\Models\ToolBooking;
use App\Stores\Models\ToolLoan;
use Sundial\Calendar\LocalDate;

/** A special tool with who has it now, and who wants it from today on. */
final readonly class ToolShown
{
    /** @param  list<ToolBooking>  $bookings  the first first */
    public function __construct(public Tool $tool, public ?ToolLoan $loan, public array $bookings)
    {
    }

    /** Whether whoever has it should have brought it back. */
    public function isLate(LocalDate $today): bool
    {
        return $this->loan?->back_by !== null && $this->loan->back_by < (string) $today;
    }

    /** @return list<array{ToolBooking, ToolBooking}> those that want it on the same day */
    public function clashes(): array
    {
        $clashes = [];
        foreach ($this->bookings as $i => $one) {
            foreach (array_slice($this->bookings, $i + 1) as $other) {
                if ($one->days()->clashWith($other->days())) {
                    $clashes[] = [$one, $other];
                }
            }
        }

        return $clashes;
    }
}
