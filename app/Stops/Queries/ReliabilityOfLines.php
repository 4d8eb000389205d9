<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Stops\Models\ShiftRecord;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Stops\Reliability;

/**
 * How reliable the lines of a site were by shift or by product: over the time of that shift, or of its runs, alone.
 * Shifts that are over and lie within the period are added up from what is kept of each; the others are looked at.
 */
final readonly class ReliabilityOfLines
{
    public function __construct(private Clock $clock, private ShiftFactsOf $facts)
    {
    }

    /**
     * @param  string  $by  shift or product
     * @return array<string, Reliability>
     */
    public function by(ReliabilityAsked $asked, string $by): array
    {
        $sums = [];
        foreach ($this->kept($asked, $by) as $row) {
            $sums[(string) $row->name][] = Reliability::counted(
                (int) $row->required,
                (int) $row->down,
                (int) $row->failures,
                (int) $row->finished,
                (int) $row->repair,
                (int) $row->technical,
            );
        }
        foreach ($this->lookedAt($asked, $by) as [$name, $is]) {
            $sums[$name][] = $is;
        }
        ksort($sums);

        return array_map(static fn (array $some): Reliability => Reliability::sum(...$some), $sums);
    }

    /** @return Collection<int, stdClass> of shifts that are over, and counted after their end */
    private function kept(ReliabilityAsked $asked, string $by): Collection
    {
        $isProduct = $by === 'product';

        return DB::table('shift_records as r')
            ->join('shift_reliability as k', 'k.record_id', '=', 'r.id')
            ->where('r.site_id', $asked->site->id)
            ->whereIn('r.line_id', DB::table('plant_lines')->where('retired', false)->select('id'))
            ->where('r.from_at', '>=', ShiftRecord::at($asked->period->from))
            ->where('r.to_at', '<=', ShiftRecord::at($asked->period->to))
            ->whereColumn('r.counted_at', '>=', 'r.to_at')
            ->when($isProduct, static fn ($some) => $some->join('products as d', 'd.id', '=', 'k.product_id'))
            ->when(! $isProduct, static fn ($some) => $some->whereNull('k.product_id'))
            ->groupBy('name')
            ->select([$isProduct ? 'd.name as name' : 'r.shift as name'])
            ->selectRaw('SUM(k.required) as required, SUM(k.down) as down, SUM(k.failures) as failures')
            ->selectRaw('SUM(k.finished) as finished, SUM(k.repair) as repair, SUM(k.technical) as technical')
            ->get();
    }

    /** @return iterable<array{string, Reliability}> of shifts that go on, or reach over an end of the period */
    private function lookedAt(ReliabilityAsked $asked, string $by): iterable
    {
        $now = $this->clock->now()->getTimestamp();
        [$from, $to] = [ShiftRecord::at($asked->period->from), ShiftRecord::at($asked->period->to)];
        $records = ShiftRecord::query()
            ->with(['line.parts', 'runs'])
            ->where('site_id', $asked->site->id)
            ->whereIn('line_id', DB::table('plant_lines')->where('retired', false)->select('id'))
            ->where('from_at', '<', $to)
            ->where('to_at', '>', $from)
            ->where(static fn (Builder $any) => $any
                ->where('from_at', '<', $from)
                ->orWhere('to_at', '>', $to)
                ->orWhereNull('counted_at')
                ->orWhereColumn('counted_at', '<', 'to_at'));
        $products = DB::table('products')->where('site_id', $asked->site->id)->pluck('name', 'id');
        foreach ($records->lazyById(200) as $record) {
            $stops = $this->facts->stops($record->line, $record);
            foreach (ReliabilityOfShift::of($record, $asked->period, $stops, $now) as [$productId, $is]) {
                if ($by === 'product' && $productId !== null) {
                    yield [(string) $products[$productId], $is];
                } elseif ($by === 'shift' && $productId === null) {
                    yield [$record->shift, $is];
                }
            }
        }
    }
}
