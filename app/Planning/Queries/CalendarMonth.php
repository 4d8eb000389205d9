<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Platform\Access\Rights;
use App\Platform\Extension\CalendarItem;
use App\Platform\Extension\Extensions;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;

/** Days with their visits and what other capabilities plan on them, for a month or a week. */
final readonly class CalendarMonth
{
    /**
     * Whole weeks that hold a month, or one week.
     *
     * @return array{from: LocalDate, to: LocalDate}
     */
    public static function span(LocalDate $on, string $view): array
    {
        $first = $view === 'week' ? $on : $on->firstOfMonth();
        $from = $first->plusDays(1 - $first->weekday());
        $end = $view === 'week' ? $from->plusDays(7) : $on->firstOfMonth()->plusMonthsClamped(1);

        return ['from' => $from, 'to' => $view === 'week' ? $end : $end->plusDays((8 - $end->weekday()) % 7)];
    }

    /**
     * @param  int|null  $teamId  only what a team does
     * @return array<string, list<CalendarItem>> by day
     */
    public function __invoke(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId = null): array
    {
        $days = [];
        foreach (
            [
                ...$this->visits($siteId, $from, $to, $teamId),
                ...app(Extensions::class)->onCalendar($siteId, $from, $to, $teamId),
            ] as $item
        ) {
            $days[(string) $item->day][] = $item;
        }

        return $days;
    }

    /** @return list<bool> whether each day from one is worked, for its look @param  int  $count */
    public static function worked(WorkingDays $days, LocalDate $from, int $count): array
    {
        return array_map(static fn (int $i): bool => $days->isWorked($from->plusDays($i)), range(0, $count - 1));
    }

    /** @return list<CalendarItem> those without an order; orders stand there by themselves */
    private function visits(int $siteId, LocalDate $from, LocalDate $to, ?int $teamId): array
    {
        $rows = DB::table('coming_visits as v')
            ->join('schedules as s', 's.id', '=', 'v.schedule_id')
            ->join('schedule_standings as n', 'n.schedule_id', '=', 's.id')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->where('v.site_id', $siteId)
            ->where('v.planned_on', '>=', (string) $from)
            ->where('v.planned_on', '<', (string) $to)
            ->when(
                $teamId !== null,
                static fn ($query) => $query->whereRaw('COALESCE(s.team_id, a.team_id) = ?', [$teamId]),
            )
            ->whereRaw('NOT (n.visit_id IS NOT NULL AND v.planned_on = n.next_due_on)')
            ->orderBy('v.planned_on')
            ->orderBy('s.name')
            ->limit(3000)
            ->select([
                'v.planned_on',
                'v.expected',
                'v.level',
                's.id',
                's.name',
                'n.next_due_on',
                'n.nearness',
                's.version',
                'a.tag',
            ]);

        $mayMove = Rights::has(Right::WritePlans);

        return array_values(
            LadderOf::beside($rows)
                ->get()
                ->map(static function (object $row) use ($mayMove): CalendarItem {
                    $next = $row->planned_on === $row->next_due_on;

                    return new CalendarItem(
                        LocalDate::parse($row->planned_on),
                        'visit',
                        LadderOf::named($row->name, $row->ladder, (int) $row->level),
                        $row->tag,
                        "/schedules/{$row->id}",
                        $row->expected ? 'expected' : ($next ? (string) $row->nearness : 'clear'),
                        $next && $mayMove
                            ? [
                                'href' => "/schedules/{$row->id}/move",
                                'field' => 'moved_to',
                                'version' => (int) $row->version,
                            ]
                            : null,
                    );
                })
                ->values()
                ->all(),
        );
    }
}
