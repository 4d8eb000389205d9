<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\ShiftRecord;
use Sundial\Support\InvalidInput;

/** The shift of a line by its day and its name. */
final readonly class ShiftNamed
{
    /** @throws InvalidInput no_shift */
    public function find(int $lineId, string $day, string $shift): ShiftRecord
    {
        return ShiftRecord::query()
            ->with(['line.asset', 'line.parts', 'runs'])
            ->where('line_id', $lineId)
            ->where('day', $day)
            ->where('shift', $shift)
            ->first() ?? throw InvalidInput::because(
                'no_shift',
                'shift',
                'This line has no such shift on that day. Its shifts are set in its settings.',
                $shift,
            );
    }
}
