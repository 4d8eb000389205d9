<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Reliability;
use Sundial\Stops\Span;
use Sundial\Stops\SpanSet;
use Sundial\Stops\StopKind;
use Sundial\Stops\StoppedFor;

/** How reliable the lines of a site were by shift or by product: over the time of that shift, or of its runs, alone. */
final readonly class ReliabilityOfLines
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * @param  string  $by  shift or product
     * @return array<string, Reliability>
     */
    public function by(ReliabilityAsked $asked, string $by): array
    {
        $sums = [];
        $lines = Line::query()->with('parts')->where('site_id', $asked->site->id)->where('retired', false)->get();
        foreach ($lines as $line) {
            $stops = $this->stops($line, $asked->period);
            foreach ($this->spans($line->id, $asked->period, $by) as $name => $rows) {
                $wanted = SpanSet::of(...$rows->map(static fn (stdClass $row): Span => Span::between(
                    ShiftRecord::second($row->from_at),
                    ShiftRecord::second($row->to_at),
                ))->all())->within($asked->period);
                // What failed at another time is down time alone here.
                $of = array_map(
                    static fn (StoppedFor $one): StoppedFor => $wanted->holds($one->span->from)
                        ? $one
                        : $one->asDownTime(),
                    $stops,
                );
                $sums[(string) $name][] = Reliability::of($asked->period, $wanted, $of, []);
            }
        }

        return array_map(static fn (array $some): Reliability => Reliability::sum(...$some), $sums);
    }

    /** @return Collection<array-key, Collection<int, stdClass>> stretches of time by name */
    private function spans(int $lineId, Span $period, string $by): Collection
    {
        $records = DB::table('shift_records as r')
            ->where('r.line_id', $lineId)
            ->where('r.from_at', '<', ShiftRecord::at($period->to))
            ->where('r.to_at', '>', ShiftRecord::at($period->from));

        return ($by === 'product'
            ? $records
                ->join('product_runs as u', 'u.record_id', '=', 'r.id')
                ->join('products as d', 'd.id', '=', 'u.product_id')
                ->get(['d.name', 'u.from_at', 'u.to_at'])
            : $records->get(['r.shift as name', 'r.from_at', 'r.to_at']))
            ->groupBy('name')
            ->toBase();
    }

    /** @return list<StoppedFor> of the line and of what stops it */
    private function stops(Line $line, Span $period): array
    {
        $now = $this->clock->now()->getTimestamp();

        return array_values(DB::table('stops')
            ->whereIn('asset_id', $line->assetIds())
            ->whereNull('struck_at')
            ->where('from_at', '<', ShiftRecord::at($period->to))
            ->where(static fn ($any) => $any->whereNull('to_at')->orWhere('to_at', '>', ShiftRecord::at($period->from)))
            ->get(['from_at', 'to_at', 'kind'])
            ->map(static fn (stdClass $one): StoppedFor => StoppedFor::ofKind(
                $one->kind === null ? null : StopKind::from($one->kind),
                ShiftRecord::second($one->from_at),
                $one->to_at === null ? null : ShiftRecord::second($one->to_at),
                $now,
            ))
            ->all());
    }
}
