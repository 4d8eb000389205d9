<?php

declare(strict_types=1);

namespace App\Stores\Projections;

use App\Platform\Sites\DayBegan;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\MoveKind;
use Sundial\Stock\YearlyValue;

/** Keeps, day by day, the class of each part by what was used of it in a year, and when it is counted again. */
final readonly class ClassOfStock
{
    private const YEAR = 365;

    public function __invoke(DayBegan $day): void
    {
        $this->keep($day->siteId, $day->today);
    }

    public function keep(int $siteId, LocalDate $today): void
    {
        $classes = YearlyValue::classes($this->used($siteId, $today));
        foreach (array_keys(YearlyValue::countCycle()) as $class) {
            $parts = array_keys($classes, $class, true);
            $rows = DB::table('stock')->where('site_id', $siteId);
            $class === 'C'
                ? $rows->whereNotIn('part_id', array_keys(array_diff($classes, ['C'])))
                : $rows->whereIn('part_id', $parts);
            $rows->update([
                'abc' => $class,
                'count_due_on' => DB::raw('DATE_ADD(COALESCE(counted_on, kept_on, '.
                    "'{$today}'), INTERVAL ".YearlyValue::countedAgainAfter($class).' DAY)'),
            ]);
        }
    }

    /** @return array<int, int> cents by part */
    private function used(int $siteId, LocalDate $today): array
    {
        return DB::table('stock_moves as m')
            ->join('stock as s', 's.id', '=', 'm.stock_id')
            ->where('m.site_id', $siteId)
            ->where('m.moved_on', '>', (string) $today->plusDays(-self::YEAR))
            ->whereIn('m.kind', [MoveKind::Issue->value, MoveKind::Return->value])
            ->groupBy('s.part_id')
            ->selectRaw('s.part_id, -SUM(m.value_cents) as cents')
            ->pluck('cents', 'part_id')
            ->map(static fn (mixed $cents): int => (int) $cents)
            ->all();
    }
}
