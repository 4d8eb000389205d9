<?php

declare(strict_types=1);

namespace App\Stops\Projections;

use App\Platform\Clock\Clock;
use App\Stops\Models\ShiftRecord;
use App\Stops\Queries\ShiftFactsOf;
use Brick\Math\RoundingMode;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Stops\ShiftOutcome;

/**
 * Keeps what each shift came to beside its record, so that months are added up from few rows. Counted again whenever
 * what it rests on changes; it can be made anew from stops and runs.
 */
final readonly class ShiftSums
{
    public function __construct(
        private ShiftFactsOf $facts,
        private StopDays $days,
        private StopShifts $shifts,
        private ShiftReliability $reliability,
        private Clock $clock,
    ) {
    }

    public function keep(ShiftRecord $record): void
    {
        $now = $this->clock->now();
        $stops = $this->facts->stops($record->line, $record);
        $facts = $this->facts->ofEach($record->line, collect([$record]), $stops, $now->getTimestamp())[0];
        $is = ShiftOutcome::of($facts, $now->getTimestamp());
        DB::table('shift_records')
            ->where('id', $record->id)
            ->update([
                'planned_s' => $is->oee->planned,
                'run_s' => $is->oee->run,
                'ideal_s' => (string) $is->oee->ideal->toScale(6, RoundingMode::HALF_UP),
                'good_s' => (string) $is->oee->good->toScale(6, RoundingMode::HALF_UP),
                'wanted_s' => $is->wanted,
                'counted_at' => $now->format('Y-m-d H:i:s'),
            ]);
        $this->reliability->keep($record, $stops, $now->getTimestamp());
        foreach ($record->runs as $i => $run) {
            [$planned, $ran] = ShiftOutcome::ofRun($facts, (int) $i, $now->getTimestamp());
            DB::table('product_runs')
                ->where('id', $run->id)
                ->update(['planned_s' => $planned, 'run_s' => $ran]);
        }
    }

    /** Where the shift itself changed, or what was made in it: what stood then is told of it, too. */
    public function entered(ShiftRecord $record): void
    {
        $this->keep($record);
        $this->shifts->ofShift($record, $record->line);
    }

    /** What an asset that stood changes, from an instant on: its days, and the shifts of the lines that it stops. */
    public function stood(int $assetId, string $from, ?string $to): void
    {
        $this->days->keep($assetId, $from, $to);
        $this->shifts->keep($assetId, $from, $to);
        foreach ($this->touched([$assetId], $from, $to) as $record) {
            // Held before it is read: what another one enters at the same time is counted in.
            DB::table('shift_records')->where('id', $record->id)->lockForUpdate()->value('id');
            $this->keep($record->load('runs'));
        }
    }

    /**
     * @param  list<int>  $assetIds
     * @return Collection<int, ShiftRecord>
     */
    private function touched(array $assetIds, string $from, ?string $to): Collection
    {
        $lines = DB::table('plant_lines')
            ->whereIn('asset_id', $assetIds)
            ->pluck('id')
            ->merge(DB::table('line_parts')->whereIn('asset_id', $assetIds)->pluck('line_id'))
            ->unique();
        if ($lines->isEmpty()) {
            return new Collection();
        }

        return ShiftRecord::query()
            ->with('line.parts')
            ->whereIn('line_id', $lines)
            ->where('to_at', '>', $from)
            ->when($to !== null, static fn ($some) => $some->where('from_at', '<', $to))
            ->where('from_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->orderBy('id')
            ->get();
    }
}
