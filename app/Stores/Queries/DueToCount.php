<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Platform\Sites\SiteDays;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\MoveKind;
use Sundial\Stock\YearlyValue;

/** Which parts of a site are to be counted: by their class and by when they were counted last. */
final readonly class DueToCount
{
    /** Days after which each class is counted again. */
    public const AFTER = ['A' => 90, 'B' => 180, 'C' => 365];

    public function __construct(private SiteDays $days)
    {
    }

    /** @return Collection<int, stdClass> stock with its part, class and the day it is due; longest due first */
    public function __invoke(int $siteId): Collection
    {
        $today = $this->days->today($siteId);
        $classes = $this->classes($siteId, $today);
        $open = DB::table('count_lines as l')
            ->join('stock_counts as c', 'c.id', '=', 'l.count_id')
            ->where('c.site_id', $siteId)
            ->where('c.state', 'open')
            ->select('l.stock_id');

        return DB::table('stock as s')
            ->join('parts as p', 'p.id', '=', 's.part_id')
            ->where('s.site_id', $siteId)
            ->whereNotIn('s.id', $open)
            ->get(['s.id', 's.store_id', 's.part_id', 'p.name', 'p.number', 's.bin', 's.counted_on', 's.moved_on'])
            ->toBase()
            ->map(static function (stdClass $one) use ($classes, $today): stdClass {
                $one->class = $classes[(int) $one->part_id] ?? 'C';
                $last = $one->counted_on ?? $one->moved_on;
                $one->due_on = $last === null
                    ? $today
                    : LocalDate::parse((string) $last)->plusDays(self::AFTER[$one->class]);

                return $one;
            })
            ->filter(static fn (stdClass $one): bool => ! $one->due_on->isAfter($today))
            ->sortBy(static fn (stdClass $one): int => $one->due_on->epochDay)
            ->values();
    }

    /** @return array<int, string> by part, of what was used in the last year */
    public function classes(int $siteId, LocalDate $today): array
    {
        return YearlyValue::classes(
            DB::table('stock_moves as m')
                ->join('stock as s', 's.id', '=', 'm.stock_id')
                ->where('m.site_id', $siteId)
                ->where('m.moved_on', '>', (string) $today->plusDays(-365))
                ->whereIn('m.kind', [MoveKind::Issue->value, MoveKind::Return->value])
                ->groupBy('s.part_id')
                ->selectRaw('s.part_id, -SUM(m.value_cents) as cents')
                ->pluck('cents', 'part_id')
                ->map(static fn (mixed $cents): int => (int) $cents)
                ->all(),
        );
    }
}
