<?php

declare(strict_types=1);

namespace App\Stops\Pages;

use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\OeeSum;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Stops\ShiftOutcome;

/** What the whole sheet of a shift stands on: its stops, and what it came to. */
final readonly class ShiftKnown
{
    /** @param  Collection<int, stdClass>  $stops */
    public function __construct(
        public ShiftRecord $record,
        public int $now,
        public Collection $stops,
        public ShiftOutcome $outcome,
        public OeeSum $sum,
    ) {
    }
}
