<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Queries\LadderOf;
use App\Work\Models\CalendarFeed;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/**
 * What a calendar elsewhere is told: open orders on the day for which they are planned, and, for a whole site, the
 * visits to come.
 *
 * An event keeps its name (UID) while a visit moves, is released and re-dated: it is named by its schedule and its
 * number, an order without
 * a visit by itself.
 */
final class FeedEvents
{
    private const DAYS = 366;

    private const MOST = 3000;

    /**
     * @return list<array{uid: string, on: string, summary: string, description: string, href: string,
     *     expected: bool}>
     */
    public function of(CalendarFeed $feed, LocalDate $today): array
    {
        return [
            ...$this->orders($feed),
            ...$feed->what === CalendarFeed::SITE ? $this->visits($feed->site_id, $today) : [],
        ];
    }

    /**
     * @return list<array{uid: string, on: string, summary: string, description: string, href: string,
     *     expected: bool}>
     */
    private function orders(CalendarFeed $feed): array
    {
        $orders = DB::table('work_orders as o')
            ->leftJoin('assets as a', 'a.id', '=', 'o.asset_id')
            ->leftJoin('locations as l', 'l.id', '=', 'o.location_id')
            ->leftJoin('order_visits as c', 'c.order_id', '=', 'o.id')
            ->leftJoin('visits as v', 'v.id', '=', 'c.visit_id')
            ->leftJoin('users as u', 'u.id', '=', 'o.assignee_id')
            ->leftJoin('teams as t', 't.id', '=', 'o.team_id')
            ->where('o.site_id', $feed->site_id)
            ->whereIn('o.state', OpenStates::VALUES)
            ->whereRaw('COALESCE(o.planned_on, o.due_on) IS NOT NULL')
            ->when(
                $feed->what === CalendarFeed::TEAM,
                static fn ($query) => $query->where('o.team_id', $feed->team_id),
            )
            ->when(
                $feed->what === CalendarFeed::MINE,
                static fn ($query) => $query->where(
                    static fn ($any) => $any
                        ->where('o.assignee_id', $feed->user_id)
                        ->orWhere(
                            static fn ($team) => $team
                                ->whereNull('o.assignee_id')
                                ->whereIn('o.team_id', $feed->owner->teamIds()),
                        ),
                ),
            )
            ->groupBy(
                'o.id',
                'o.number',
                'o.title',
                'o.state',
                'o.planned_on',
                'o.due_on',
                'o.planned_minutes',
                'a.tag',
                'a.name',
                'l.tag',
                'l.name',
                'u.name',
                't.name',
            )
            ->orderBy('o.number')
            ->limit(self::MOST)
            ->get([
                'o.id',
                'o.number',
                'o.title',
                'o.state',
                'o.due_on',
                'o.planned_minutes',
                DB::raw('COALESCE(a.tag, l.tag) as tag'),
                DB::raw('COALESCE(a.name, l.name) as asset'),
                DB::raw('COALESCE(o.planned_on, o.due_on) as day'),
                DB::raw('COALESCE(u.name, t.name) as hands'),
                DB::raw("MIN(CONCAT(v.schedule_id, '-', v.number)) as visit"),
            ]);

        return array_values(
            $orders
                ->map(
                    static fn (object $order): array => [
                        'uid' => $order->visit === null ? "order-{$order->id}" : "visit-{$order->visit}",
                        'on' => (string) $order->day,
                        'summary' => "{$order->tag} {$order->title}",
                        'expected' => false,
                        'href' => "/orders/{$order->id}",
                        'description' => "W-{$order->number}, {$order->state}; {$order->asset}".
                            ($order->hands === null ? '' : "; {$order->hands}").
                            ($order->due_on === null ? '' : "; due {$order->due_on}").
                            '; '.
                            round($order->planned_minutes / 60, 2).
                            ' h',
                    ],
                )
                ->values()
                ->all(),
        );
    }

    /**
     * @return list<array{uid: string, on: string, summary: string, description: string, href: string,
     *     expected: bool}>
     */
    private function visits(int $siteId, LocalDate $today): array
    {
        $visits = DB::table('coming_visits as v')
            ->join('schedules as s', 's.id', '=', 'v.schedule_id')
            ->join('schedule_standings as n', 'n.schedule_id', '=', 's.id')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->where('v.site_id', $siteId)
            ->where('v.planned_on', '<=', (string) $today->plusDays(self::DAYS))
            ->orderBy('v.schedule_id')
            ->orderBy('v.planned_on')
            ->limit(self::MOST)
            ->select([
                'v.schedule_id',
                'v.planned_on',
                'v.expected',
                'v.early_on',
                'v.late_on',
                'v.level',
                's.name',
                'n.next_number',
                'n.visit_id',
                'a.tag',
                'a.name as asset',
            ]);
        $visits = LadderOf::beside($visits)->get();
        [$events, $place] = [[], []];
        foreach ($visits as $visit) {
            $number =
                (int) $visit->next_number + ($place[$visit->schedule_id] = ($place[$visit->schedule_id] ?? -1) + 1);
            // The one in hand is told by its order.
            if ($visit->visit_id === null || $number !== (int) $visit->next_number) {
                $events[] = [
                    'uid' => "visit-{$visit->schedule_id}-{$number}",
                    'on' => (string) $visit->planned_on,
                    'summary' => "{$visit->tag} ".LadderOf::named($visit->name, $visit->ladder, (int) $visit->level),
                    'description' => $visit->asset.
                        ($visit->early_on === null
                            ? ''
                            : "; between {$visit->early_on} and ".($visit->late_on ?? 'an open date')),
                    'href' => "/schedules/{$visit->schedule_id}",
                    'expected' => (int) $visit->expected === 1,
                ];
            }
        }

        return $events;
    }
}
