<?php

declare(strict_types=1);

namespace App\Stops\Projections;

use App\Stops\Models\Line;
use App\Stops\Models\LineRate;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\SignalsAround;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\SignalSlot;
use Sundial\Stops\Span;

/**
 * Keeps what a shift made by its signals, as runs of a quarter of an hour each; where the shift was entered, by hand,
 * file or another program, that stands. Where nothing was signalled, nothing is known.
 */
final readonly class SignalRuns
{
    public function __construct(private ShiftSums $sums)
    {
    }

    public function keep(Line $line, SignalsAround $around): void
    {
        $records = ShiftRecord::query()
            ->where('line_id', $line->id)
            ->where('from_at', '<', ShiftRecord::at($around->to))
            ->where('to_at', '>', ShiftRecord::at($around->from))
            ->whereNull('signed_at')
            ->whereDoesntHave('runs', static fn ($runs) => $runs->where('source', '<>', 'signal'))
            ->orderBy('id')
            ->get();
        foreach ($records as $record) {
            $this->ofShift($line, $record, $around);
            $this->sums->entered($record->setRelation('line', $line)->load('runs'));
        }
    }

    private function ofShift(Line $line, ShiftRecord $record, SignalsAround $around): void
    {
        $span = $record->span();
        $touched = Span::between($around->from, $around->to);
        foreach (SignalSlot::ofShift($span, $touched, $this->lastSignal($line->id, $span->to)) as $slot) {
            DB::table('product_runs')
                ->where('record_id', $record->id)
                ->where('from_at', '>=', ShiftRecord::at($slot->whole->from))
                ->where('from_at', '<', ShiftRecord::at($slot->whole->to))
                ->delete();
            $made = $slot->known->isEmpty() ? null : $this->made($line, $record, $slot);
            if ($made !== null) {
                DB::table('product_runs')->insert($made);
            }
        }
    }

    private function lastSignal(int $lineId, int $before): int
    {
        $at = DB::table('line_signals')
            ->where('line_id', $lineId)
            ->where('at', '<', ShiftRecord::at($before))
            ->max('at');

        return $at === null ? 0 : ShiftRecord::second($at) + 1;
    }

    /** @return array<string, mixed>|null null: nothing is known of it, or by which ideal time it is measured */
    private function made(Line $line, ShiftRecord $record, SignalSlot $of): ?array
    {
        [$slot, $end] = [$of->known->from, $of->known->to];
        $signals = DB::table('line_signals')
            ->where('line_id', $line->id)
            ->where('at', '<', ShiftRecord::at($end));
        $isKnown = (clone $signals)->where('at', '>=', ShiftRecord::at($of->heardSince()))->exists();
        $product = (clone $signals)->whereNotNull('product_id')->orderByDesc('at')->value('product_id');
        $rate = LineRate::query()
            ->where('line_id', $line->id)
            ->when($product !== null, static fn ($some) => $some->where('product_id', $product))
            ->where('from_on', '<=', $record->day)
            ->orderByDesc('from_on')
            ->first();
        $sum = DB::table('line_counts')
            ->where('line_id', $line->id)
            ->where('minute_at', '>=', ShiftRecord::at($slot - $slot % 60))
            ->where('minute_at', '<', ShiftRecord::at($end))
            ->selectRaw('COALESCE(SUM(pieces), 0) as pieces, COALESCE(SUM(rejected), 0) as rejected')
            ->first();
        if ($rate === null || (! $isKnown && (int) $sum?->pieces === 0)) {
            return null;
        }

        return [
            'record_id' => $record->id,
            'product_id' => $rate->product_id,
            'from_at' => ShiftRecord::at($slot),
            'to_at' => ShiftRecord::at($end),
            'ideal_seconds' => $rate->ideal_seconds,
            'total' => (int) $sum?->pieces,
            'rejects' => (int) $sum?->rejected,
            'source' => 'signal',
        ];
    }
}
