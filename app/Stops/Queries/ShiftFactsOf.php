<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Stops\Models\Line;
use App\Stops\Models\ProductRun;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\ShortStop;
use Illuminate\Database\Query\Builder;
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
        return $this->ofEach($record->line, collect([$record]), $this->stops($record->line, $record), $now)[0];
    }

    /**
     * Of several shifts of a line, what was recorded of them read once.
     *
     * @param  Collection<int, ShiftRecord>  $records
     * @param  Collection<int, stdClass>  $stops  all that stood in any of them
     * @return list<ShiftFacts>
     */
    public function ofEach(Line $line, Collection $records, Collection $stops, int $now): array
    {
        $spans = $stops->map(static fn (stdClass $stop): array => [
            self::span($stop, $now),
            (bool) $stop->planned,
            $stop->to_at === null,
        ]);
        $short = $this->short($line->id, (string) $records->min('from_at'), (string) $records->max('to_at'));

        $each = [];
        foreach ($records as $record) {
            $shift = $record->span();
            $each[] = ShiftFacts::of($shift, ...$record->rests())
                ->stopped($line->speed_below, ...$spans->filter(
                    static fn (array $one): bool => $one[0]->overlaps($shift),
                )->all())
                ->short((int) $short
                    ->where('hour_at', '>=', $record->from_at)
                    ->where('hour_at', '<', $record->to_at)
                    ->sum('seconds'))
                ->made(...$record->runs->map(
                    static fn (ProductRun $run): array => [$run->span(), $run->made()],
                )->all());
        }

        return $each;
    }

    /** From when to when a stop stood; one that goes on, up to now. */
    public static function span(stdClass $stop, int $now): Span
    {
        return Span::open(
            ShiftRecord::second($stop->from_at),
            $stop->to_at === null ? null : ShiftRecord::second($stop->to_at),
            $now,
        );
    }

    /** @return Collection<int, stdClass> what stood in a shift, in order */
    public function stops(Line $line, ShiftRecord $record): Collection
    {
        return $this->between($line, $record->from_at, $record->to_at);
    }

    /**
     * What stood in many shifts, from when to when and of what kind: of all that take place at the same time, whatever
     * their line, it is read once.
     *
     * @param  Collection<int, ShiftRecord>  $records
     * @return array<int, Collection<int, stdClass>> by record, in no order
     */
    public function stopsOfEach(Collection $records): array
    {
        $each = [];
        foreach ($records->groupBy(static fn (ShiftRecord $one): string => "{$one->from_at} {$one->to_at}") as $some) {
            $assets = array_merge(...$some->map(
                static fn (ShiftRecord $one): array => $one->line->assetIds(),
            )->values());
            $stops = StoodIn::stops(
                ['asset_id', 'from_at', 'to_at', 'kind'],
                $some[0]->from_at,
                $some[0]->to_at,
                static fn (Builder $of) => $of->whereIn('asset_id', $assets),
            )->get()->groupBy('asset_id');
            foreach ($some as $record) {
                $each[$record->id] = $stops->only($record->line->assetIds())->flatten(1)->toBase();
            }
        }

        return $each;
    }

    /** @return Collection<int, stdClass> what stood of a line between two instants, in order */
    public function between(Line $line, string $from, string $to): Collection
    {
        $assets = $line->assetIds();

        return StoodIn::between(
            DB::table('stops as s'),
            $from,
            $to,
            static fn (Builder $some) => $some->whereIn('asset_id', $assets),
        )
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->leftJoin('assets as c', 'c.id', '=', 's.cause_asset_id')
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

    /** @return Collection<int, stdClass> hour_at, seconds: short stops that were not planned */
    private function short(int $lineId, string $from, string $to): Collection
    {
        return DB::table('short_stops')
            ->where('line_id', $lineId)
            ->whereNull('struck_at')
            ->where('hour_at', '>=', $from)
            ->where('hour_at', '<', $to)
            ->where(static fn ($any) => $any->whereNull('kind')->orWhere('kind', '<>', StopKind::Planned->value))
            ->get(['hour_at', 'seconds'])
            ->toBase();
    }
}
