<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Extension\VisitsAhead;
use App\Planning\Models\Schedule;
use App\Platform\Subject;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\CloseVisits;

/** Next visits that lie close to each other on one asset. */
final readonly class VisitsTogether
{
    /** So many of the soonest visits are looked through for some that could be done together. */
    private const LOOKED_AT = 600;

    /**
     * Assets whose next visits are close, to be done together; the soonest first.
     *
     * @return list<stdClass> asset_id, tag, name, visits, from and to
     */
    public function __invoke(Subject $subject, LocalDate $until): array
    {
        $next = static fn (): Builder => DB::query()->fromSub(
            Schedule::joinable()
                ->where('next_due_on', '<=', (string) $until)
                ->select(['schedules.asset_id', 'schedule_standings.site_id', 'schedule_standings.next_due_on']),
            'v',
        );
        $soonest = VisitsAhead::about($next(), $subject)
            ?->orderBy('v.next_due_on')
            ->limit(self::LOOKED_AT)
            ->select('v.asset_id');
        if ($soonest === null) {
            return [];
        }

        return array_values(
            $next()
                ->join('assets as a', 'a.id', '=', 'v.asset_id')
                ->whereIn(
                    'v.asset_id',
                    DB::query()
                        ->fromSub($soonest, 'soonest')
                        ->groupBy('asset_id')
                        ->havingRaw('COUNT(*) > 1')
                        ->select('asset_id'),
                )
                ->groupBy('v.asset_id', 'a.tag', 'a.name')
                ->havingRaw('COUNT(*) > 1 AND DATEDIFF(MAX(v.next_due_on), MIN(v.next_due_on)) <= ?', [
                    CloseVisits::SPAN,
                ])
                ->orderBy('from_on')
                ->orderBy('v.asset_id')
                ->limit(8)
                ->selectRaw(
                    'v.asset_id, a.tag, a.name, COUNT(*) as visits, MIN(v.next_due_on) as from_on, MAX(v.next_due_on) '.
                        'as to_on',
                )
                ->get()
                ->all(),
        );
    }
}
