<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\ShiftRecord;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Signal;

/** What a line signalled. */
final readonly class SignalsOf
{
    private const MINUTE = 60;

    /** Around a stretch in which something came. */
    public function around(int $lineId, int $from, int $to): SignalsAround
    {
        // What lies between its neighbours changes; so do the minutes in which they lie.
        $before = $this->edge($lineId, '<', $from, 'max') ?? $from;
        $after = $this->edge($lineId, '>', $to, 'min');
        $first = $before - $before % self::MINUTE;
        $end = ($after ?? $to) - ($after ?? $to) % self::MINUTE + self::MINUTE;
        // A stop is known whole from the last that ran before to the first that runs after.
        $ran = $this->edge($lineId, '<', $first, 'max', true);
        $runs = $this->edge($lineId, '>=', $end, 'min', true);
        $begin = min($this->edge($lineId, '<', $first, 'max') ?? $first, $ran ?? $first);
        $last = $this->edge($lineId, '>=', $end, 'min');

        return new SignalsAround(
            $this->between($lineId, $begin, $last === null ? null : ($runs ?? null)),
            $first,
            $end,
            $last === null || $runs === null,
        );
    }

    /** @return list<Signal> in order; null: to the last */
    private function between(int $lineId, int $from, ?int $to): array
    {
        return array_values(DB::table('line_signals')
            ->where('line_id', $lineId)
            ->where('at', '>=', ShiftRecord::at($from))
            ->when($to !== null, static fn (Builder $some) => $some->where('at', '<=', ShiftRecord::at((int) $to)))
            ->orderBy('at')
            ->get(['at', 'state', 'counter', 'rejected'])
            ->map(static fn (stdClass $one): Signal => Signal::of(
                ShiftRecord::second($one->at),
                $one->state,
                $one->counter === null ? null : (int) $one->counter,
                $one->rejected === null ? null : (int) $one->rejected,
            ))
            ->all());
    }

    private function edge(int $lineId, string $side, int $at, string $which, bool $running = false): ?int
    {
        $found = DB::table('line_signals')
            ->where('line_id', $lineId)
            ->where('at', $side, ShiftRecord::at($at))
            ->when($running, static fn (Builder $some) => $some->where('state', 'running'))
            ->orderBy('at', $which === 'max' ? 'desc' : 'asc')
            ->value('at');

        return $found === null ? null : ShiftRecord::second($found);
    }
}
