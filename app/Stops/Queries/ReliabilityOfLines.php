<?php

declare(strict_types=1);

namespace App\Stops\Queries;

use App\Platform\Clock\Clock;
use App\Stops\Models\ShiftRecord;
use Illuminate\Database\Query\Builder;
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
    /** No shift lasts longer than a day, whatever the clocks do in it; so far back those that go on are looked for. */
    private const LONGEST = 2 * 86_400;

    public function __construct(private Clock $clock, private ShiftFactsOf $facts)
    {
    }

    /**
     * @param  string  $by  shift or product
     * @return array<string, Reliability>
     */
    public function by(ReliabilityAsked $asked, string $by): array
    {
        $lines = $this->lines($asked);
        $names = $by === 'product' ? $this->products($asked) : [];
        $sums = [];
        foreach ($this->kept($asked, $lines, $by === 'shift' ? null : array_keys($names)) as $row) {
            $sums[$names[$row->of] ?? (string) $row->of][] = Reliability::counted(
                (int) $row->required,
                (int) $row->down,
                (int) $row->failures,
                (int) $row->finished,
                (int) $row->repair,
                (int) $row->technical,
            );
        }
        foreach ($this->lookedAt($asked, $lines, $by) as [$of, $is]) {
            $sums[$names[$of] ?? (string) $of][] = $is;
        }
        ksort($sums);

        return array_map(static fn (array $some): Reliability => Reliability::sum(...$some), $sums);
    }

    public function count(ReliabilityAsked $asked): int
    {
        return count($this->lines($asked));
    }

    /**
     * @param  list<int>  $lines
     * @param  list<int>|null  $products  null: by shift
     * @return Collection<int, stdClass> of shifts that are over, and counted after their end
     */
    private function kept(ReliabilityAsked $asked, array $lines, ?array $products): Collection
    {
        $sums = DB::table('shift_reliability')
            ->where('site_id', $asked->site->id)
            ->whereIn('line_id', $lines)
            ->where('from_at', '>=', ShiftRecord::at($asked->period->from))
            ->where('to_at', '<=', ShiftRecord::at($asked->period->to))
            ->groupBy('of')
            ->selectRaw('SUM(required) as required, SUM(down) as down, SUM(failures) as failures')
            ->selectRaw('SUM(finished) as finished, SUM(repair) as repair, SUM(technical) as technical');
        if ($products === null) {
            return $sums->whereNull('product_id')->addSelect('shift as of')->get()->toBase();
        }

        return $sums
            ->whereIn('product_id', $products)
            ->addSelect('product_id as of')
            ->get()
            ->toBase();
    }

    /**
     * @param  list<int>  $lines
     * @return iterable<array{int|string, Reliability}> by product or shift, of shifts that go on, or reach over an end
     *     of the period
     */
    private function lookedAt(ReliabilityAsked $asked, array $lines, string $by): iterable
    {
        $now = $this->clock->now()->getTimestamp();
        [$from, $to] = [ShiftRecord::at($asked->period->from), ShiftRecord::at($asked->period->to)];
        $records = ShiftRecord::query()
            ->with(['line.parts', 'runs'])
            ->whereIn('id', $this->across($asked, $lines, $from)
                ->union($this->across($asked, $lines, $to))
                ->union($this->records($asked, $lines)->where('to_count', 1))
                ->pluck('id'))
            ->where('from_at', '<', $to)
            ->where('to_at', '>', $from);
        foreach ($records->lazyById(200)->chunk(200) as $some) {
            $stops = $this->facts->stopsOfEach($some->collect());
            foreach ($some as $record) {
                $each = ReliabilityOfShift::of($record, $asked->period, $stops[$record->id], $now);
                foreach ($each as [$productId, $is]) {
                    if (($productId === null) === ($by === 'shift')) {
                        yield [$productId ?? $record->shift, $is];
                    }
                }
            }
        }
    }

    /**
     * Shifts that go on over an instant.
     *
     * @param  list<int>  $lines
     */
    private function across(ReliabilityAsked $asked, array $lines, string $at): Builder
    {
        return $this->records($asked, $lines)
            ->where('from_at', '>=', ShiftRecord::at(ShiftRecord::second($at) - self::LONGEST))
            ->where('from_at', '<', $at)
            ->where('to_at', '>', $at);
    }

    /** @param  list<int>  $lines */
    private function records(ReliabilityAsked $asked, array $lines): Builder
    {
        return DB::table('shift_records')
            ->where('site_id', $asked->site->id)
            ->whereIn('line_id', $lines)
            ->select('id');
    }

    /** @return list<int> those that run */
    private function lines(ReliabilityAsked $asked): array
    {
        return array_values(
            DB::table('plant_lines')->where('site_id', $asked->site->id)->where('retired', false)->pluck('id')->all(),
        );
    }

    /** @return array<int, string> names by id */
    private function products(ReliabilityAsked $asked): array
    {
        return DB::table('products')->where('site_id', $asked->site->id)->pluck('name', 'id')->all();
    }
}
