<?php

declare(strict_types=1);

namespace App\Stores\Projections;

use App\Platform\Sites\DayBegan;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * Adds up, once a day is over, what moved on it: the ledger writes on its own day alone, so that a day past stands.
 * Harmless when run twice.
 */
final readonly class DaysOfStock
{
    public function __invoke(DayBegan $day): void
    {
        $this->keep($day->siteId, $day->today);
    }

    public function keep(int $siteId, LocalDate $today): void
    {
        $last = DB::table('stock_days')->where('site_id', $siteId)->max('moved_on');
        DB::statement(
            'INSERT IGNORE INTO stock_days (site_id, moved_on, kind, value_cents, moves) '.
                'SELECT site_id, moved_on, kind, SUM(value_cents), COUNT(*) FROM stock_moves '.
                'WHERE site_id = ? AND moved_on > ? AND moved_on < ? GROUP BY site_id, moved_on, kind',
            [$siteId, $last ?? '1000-01-01', (string) $today],
        );
    }
}
