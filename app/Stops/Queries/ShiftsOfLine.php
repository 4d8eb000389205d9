<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\DB;

/** Which shift of a line goes on, or went on last. */
final readonly class ShiftsOfLine
{
    public function __construct(private Clock $clock)
    {
    }

    public function current(int $lineId): ?int
    {
        $id = DB::table('shift_records')
            ->where('line_id', $lineId)
            ->where('from_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->orderByDesc('from_at')
            ->value('id');

        return $id === null ? null : (int) $id;
    }
}
