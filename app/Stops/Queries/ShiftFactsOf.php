<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\Line;
use App\Stops\Models\ProductRun;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\ShortStop;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\ShiftFacts;
use Sundial\Stops\Span;
use Sundial\Stops\StopKind;

/** What was recorded of a shift: what stood of its line and of the parts that stop it, short stops, what was made. */
final readonly class ShiftFactsOf
{
    public function __invoke(ShiftRecord $record, int $now): ShiftFacts
    {
        $line = $record->line;
        $stops = $this->stops($line, $record)->map(static fn (stdClass $stop): array => [
            Span::open(
                ShiftRecord::second($stop->from_at),
                $stop->to_at === null ? null : ShiftRecord::second($stop->to_at),
                $now,
            ),
            (bool) $stop->planned,
            $stop->to_at === null,
        ]);

        return ShiftFacts::of($record->span(), ...$record->rests())
            ->stopped($line->speed_below, ...$stops->all())
            ->short($this->short($record))
            ->made(...$record->runs->map(static fn (ProductRun $run): array => [$run->span(), $run->made()])->all());
    }

    /** @return Collection<int, stdClass> what stood in a shift, in order */
    public function stops(Line $line, ShiftRecord $record): Collection
    {
        return $this->between($line, $record->from_at, $record->to_at);
    }

    /** @return Collection<int, stdClass> what stood of a line between two instants, in order */
    public function between(Line $line, string $from, string $to): Collection
    {
        return DB::table('stops as s')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->leftJoin('assets as c', 'c.id', '=', 's.cause_asset_id')
            ->whereIn('s.asset_id', $line->assetIds())
            ->whereNull('s.struck_at')
            ->where('s.from_at', '<', $to)
            ->where(static fn ($any) => $any->whereNull('s.to_at')->orWhere('s.to_at', '>', $from))
            ->orderBy('s.from_at')
            ->orderBy('s.id')
            ->get([
                's.id', 's.asset_id', 's.from_at', 's.to_at', 's.reason', 's.reason_id', 's.kind', 's.planned',
                's.note', 's.version', 's.source', 's.subject_kind', 's.subject_id', 's.subject_label', 's.opened_who',
                'a.name as asset', 'a.tag', 'a.class_id', 'c.name as cause',
            ])
            ->toBase();
    }

    /** @return Collection<int, ShortStop> short stops that were entered in one, in order */
    public function shorts(ShiftRecord $record): Collection
    {
        return ShortStop::query()
            ->with('asset:id,name')
            ->where('line_id', $record->line_id)
            ->whereNull('struck_at')
            ->where('hour_at', '>=', $record->from_at)
            ->where('hour_at', '<', $record->to_at)
            ->orderBy('hour_at')
            ->get()
            ->toBase();
    }

    private function short(ShiftRecord $record): int
    {
        return (int) DB::table('short_stops')
            ->where('line_id', $record->line_id)
            ->whereNull('struck_at')
            ->where('hour_at', '>=', $record->from_at)
            ->where('hour_at', '<', $record->to_at)
            ->where(static fn ($any) => $any->whereNull('kind')->orWhere('kind', '<>', StopKind::Planned->value))
            ->sum('seconds');
    }
}
