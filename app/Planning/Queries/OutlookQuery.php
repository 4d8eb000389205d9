<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Extension\VisitsAhead;
use App\Planning\Models\Schedule;
use App\Platform\Subject;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\CloseVisits;
use Sundial\Planning\Visit\DaySetBy;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Planning\Visit\VisitTerms;

/**
 * The visits to come of a site, a place or an asset, as the actions keep them; and their hours by trade and stretch
 * of time.
 */
final class OutlookQuery
{
    private const PER_PAGE = 100;

    /** So many of the soonest visits are looked through for some that could be done together. */
    private const LOOKED_AT = 600;

    /** How long the outlook reaches: weeks, and how the heat divides them. */
    public const REACH = [
        '8 weeks' => [8, 'week'],
        '6 months' => [26, 'week'],
        'a year' => [52, 'month'],
        '2 years' => [104, 'month'],
        '5 years' => [260, 'quarter'],
    ];

    /** How many visits of it are late, and without an order. */
    public function late(Subject $subject): int
    {
        $late = DB::table('schedule_standings as n')->where('n.nearness', Nearness::Late->value);

        return $subject->kind === 'site'
            ? $late->where('n.site_id', $subject->id)->count()
            : (int) VisitsAhead::about($late->join('schedules as v', 'v.id', '=', 'n.schedule_id'), $subject)?->count();
    }

    /** @param  array{class?: int|null, team?: int|null}  $only
     * @return Builder every visit of the subject, in hand or not, of a class of assets or a team where one is named */
    private function of(Subject $subject, array $only): Builder
    {
        $visits =
            VisitsAhead::about(DB::table('coming_visits as v'), $subject) ??
            DB::table('coming_visits as v')->whereRaw('1 = 0');
        if (($only['class'] ?? null) !== null) {
            $visits->whereIn('v.asset_id', DB::table('assets')->where('class_id', $only['class'])->select('id'));
        }
        if (($only['team'] ?? null) !== null) {
            $visits->whereIn(
                'v.schedule_id',
                DB::table('schedules as t')
                    ->join('assets as ta', 'ta.id', '=', 't.asset_id')
                    ->whereRaw('COALESCE(t.team_id, ta.team_id) = ?', [$only['team']])
                    ->select('t.id'),
            );
        }

        return $visits;
    }

    /** @param  array{class?: int|null, team?: int|null}  $only
     * @return Builder those in the window */
    public function visits(Subject $subject, LocalDate $from, LocalDate $to, array $only = []): Builder
    {
        $visits = $this->of($subject, $only);

        return $visits->where('v.planned_on', '>=', (string) $from)->where('v.planned_on', '<', (string) $to);
    }

    /**
     * One page of visits, by date.
     *
     * @param  array{string, int}|null  $after the day and the schedule after which the page begins
     * @param  array{class?: int|null, team?: int|null}  $only
     * @return array{rows: list<stdClass>, more: array{string, int}|null}
     */
    public function page(
        Subject $subject,
        LocalDate $from,
        LocalDate $to,
        ?array $after = null,
        int $most = self::PER_PAGE,
        array $only = [],
    ): array {
        $visits = $this->visits($subject, $from, $to, $only);
        if ($after !== null) {
            $visits->whereRaw('(v.planned_on, v.schedule_id) > (?, ?)', $after);
        }
        $rows = $visits
            ->orderBy('v.planned_on')
            ->orderBy('v.schedule_id')
            ->limit($most + 1)
            ->select('v.*');
        $rows = LadderOf::beside($rows)->get()->all();
        $last = count($rows) > $most ? $rows[$most - 1] : null;

        return [
            'rows' => $this->named(array_slice($rows, 0, $most)),
            'more' => $last === null ? null : [$last->planned_on, (int) $last->schedule_id],
        ];
    }

    /** @param  array{class?: int|null, team?: int|null}  $only
     * @return iterable<stdClass> every visit in the window, for export */
    public function all(Subject $subject, LocalDate $from, LocalDate $to, array $only = []): iterable
    {
        for ($after = null; ;) {
            $page = $this->page($subject, $from, $to, $after, 1000, $only);
            yield from $page['rows'];
            if ($page['more'] === null) {
                return;
            }
            $after = $page['more'];
        }
    }

    /**
     * Minutes by trade in each stretch of time.
     *
     * @param  LocalDate  $to  a Monday, so that weeks and months end with it alike
     * @param  string  $by week, month or quarter
     * @param  array{class?: int|null, team?: int|null}  $only
     * @return array{stretches: list<LocalDate>, trades: array<string, list<int>>, visits: list<int>,
     *     expected: list<int>}
     */
    public function hours(Subject $subject, LocalDate $from, LocalDate $to, string $by, array $only = []): array
    {
        $stretches = self::stretches($from, $to, $by);
        $places = array_flip(array_map(strval(...), $stretches));
        $empty = array_fill(0, count($stretches), 0);
        $trades = [];
        $hours = ['stretches' => $stretches, 'visits' => $empty, 'expected' => $empty];
        $counted = $this->counted($subject, $stretches[0], $to, $by === 'week', $only);
        $labour = $this->labour(array_map(intval(...), array_values($counted->pluck('method_id')->unique()->all())));
        foreach ($counted as $row) {
            $place =
                $places[
                    $by === 'quarter'
                        ? substr($row->stretch, 0, 5).
                            sprintf('%02d-01', 3 * intdiv((int) substr($row->stretch, 5, 2) - 1, 3) + 1)
                        : $row->stretch
                ] ?? null;
            if ($place === null) {
                continue;
            }
            $hours['visits'][$place] += (int) $row->n;
            $hours['expected'][$place] += (int) $row->expected;
            foreach (self::upTo($labour[(int) $row->method_id] ?? [], (int) $row->level) as $trade => $minutes) {
                $trades[$trade] ??= $empty;
                $trades[$trade][$place] += $minutes * (int) $row->n;
            }
        }
        // A method whose steps take no time has no trade to show.
        $trades = array_filter($trades, static fn (array $minutes): bool => array_sum($minutes) > 0);
        uasort($trades, static fn (array $a, array $b): int => array_sum($b) <=> array_sum($a));

        return [
            'stretches' => $stretches,
            'trades' => array_map(array_values(...), $trades),
            'visits' => array_values($hours['visits']),
            'expected' => array_values($hours['expected']),
        ];
    }

    /**
     * How many visits of each method and level begin in each week or month: of a whole site as the database adds
     * them up, of a part of it one by one.
     *
     * @param  array{class?: int|null, team?: int|null}  $only
     * @return Collection<int, stdClass> stretch, method_id, level, n, expected
     */
    private function counted(
        Subject $subject,
        LocalDate $first,
        LocalDate $to,
        bool $byWeek,
        array $only,
    ): Collection {
        if ($subject->kind === 'site' && array_filter($only) === []) {
            $stretch = $byWeek
                ? 'planned_on - INTERVAL WEEKDAY(planned_on) DAY'
                : 'planned_on - INTERVAL (DAY(planned_on) - 1) DAY';

            // By day first, in the order of the index.
            $days = DB::table('outlook_loads')
                ->where('site_id', $subject->id)
                ->where('planned_on', '>=', (string) $first)
                ->where('planned_on', '<', (string) $to)
                ->groupBy('planned_on', 'method_id', 'level')
                ->selectRaw('planned_on, method_id, level, SUM(visits) as visits, SUM(expected) as expected');

            return DB::query()
                ->fromSub($days, 'd')
                ->groupBy('stretch', 'method_id', 'level')
                ->selectRaw("{$stretch} as stretch, method_id, level, SUM(visits) as n, SUM(expected) as expected")
                ->havingRaw('SUM(visits) > 0')
                ->get();
        }
        $stretch = $byWeek ? 'v.week_on' : 'v.planned_on - INTERVAL (DAY(v.planned_on) - 1) DAY';

        return $this->of($subject, $only)
            ->where($byWeek ? 'v.week_on' : 'v.planned_on', '>=', (string) $first)
            ->where('v.week_on', '<', (string) $to)
            ->groupBy('stretch', 'v.method_id', 'v.level')
            ->selectRaw("{$stretch} as stretch, v.method_id, v.level, COUNT(*) as n, SUM(v.expected) as expected")
            ->get();
    }

    /** @return list<LocalDate> first days: Mondays, or firsts of months */
    private static function stretches(LocalDate $from, LocalDate $to, string $by): array
    {
        $day = match ($by) {
            'week' => $from->plusDays(1 - $from->weekday()),
            'month' => $from->firstOfMonth(),
            default => LocalDate::of($from->year, 3 * intdiv($from->month - 1, 3) + 1, 1),
        };
        $stretches = [];
        while ($day->isBefore($to)) {
            $stretches[] = $day;
            $day = $by === 'week' ? $day->plusDays(7) : $day->plusMonthsClamped($by === 'month' ? 1 : 3);
        }

        return $stretches;
    }

    /**
     * Minutes of a visit by trade, as the revision in force plans them; without labour its steps.
     *
     * @param  list<int>  $methods
     * @return array<int, array<int, array<string, int>>> by method and by the level that adds them
     */
    private function labour(array $methods): array
    {
        $minutes = [];
        $inForce = DB::table('method_revisions')
            ->whereIn('method_id', $methods)
            ->where('state', 'in force')
            ->select('id');
        foreach (
            DB::table('method_labour as l')
                ->join('method_revisions as r', 'r.id', '=', 'l.revision_id')
                ->join('trades as t', 't.id', '=', 'l.trade_id')
                ->whereIn('r.id', $inForce)
                ->get(['r.method_id', 't.name', 'l.people', 'l.minutes', 'l.level']) as $line
        ) {
            $minutes[(int) $line->method_id][(int) $line->level][$line->name] =
                (int) $line->people * (int) $line->minutes;
        }
        $without = array_diff($methods, array_keys($minutes));
        foreach (
            $without === []
                ? []
                : DB::table('method_steps as s')
                    ->join('method_revisions as r', 'r.id', '=', 's.revision_id')
                    ->whereIn('r.method_id', $without)
                    ->where('r.state', 'in force')
                    ->groupBy('r.method_id', 's.level')
                    ->selectRaw('r.method_id, s.level, SUM(s.minutes) as minutes')
                    ->get() as $line
        ) {
            $minutes[(int) $line->method_id][(int) $line->level]['no trade'] = (int) $line->minutes;
        }

        return $minutes;
    }

    /**
     * What a visit at a level needs: its own and all below it.
     *
     * @param  array<int, array<string, int>>  $byLevel
     * @return array<string, int> minutes by trade
     */
    private static function upTo(array $byLevel, int $level): array
    {
        $minutes = [];
        foreach ($byLevel as $from => $trades) {
            foreach ($from <= $level ? $trades : [] as $trade => $much) {
                $minutes[$trade] = ($minutes[$trade] ?? 0) + $much;
            }
        }

        return $minutes;
    }

    /** @param  list<stdClass>  $rows
     * @return list<stdClass> with the names of schedule and asset, and minutes */
    private function named(array $rows): array
    {
        $schedules = DB::table('schedules as s')
            ->join('schedule_standings as n', 'n.schedule_id', '=', 's.id')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->whereIn('s.id', array_unique(array_column($rows, 'schedule_id')))
            ->get([
                's.id',
                's.name',
                'n.in_hand',
                'n.next_due_on',
                'n.nearness',
                'n.next_number',
                'n.moved_from',
                'n.interval_days',
                's.tolerance_days',
                's.statutory',
                's.ended',
                'a.tag',
                'a.name as asset',
            ])
            ->keyBy('id');
        $labour = $this->labour(array_values(array_unique(array_column($rows, 'method_id'))));
        foreach ($rows as $row) {
            $schedule = $schedules[$row->schedule_id];
            $row->name = LadderOf::named($schedule->name, $row->ladder, (int) $row->level);
            $row->tag = $schedule->tag;
            $row->asset = $schedule->asset;
            $row->in_hand = $row->planned_on === $schedule->next_due_on ? $schedule->in_hand : null;
            $row->late =
                $row->planned_on === $schedule->next_due_on && $schedule->nearness === Nearness::Late->value;
            $row->movable =
                $row->planned_on === $schedule->next_due_on && $schedule->in_hand === null
                    ? self::movable($schedule)
                    : null;
            $row->minutes = array_sum(self::upTo($labour[(int) $row->method_id] ?? [], (int) $row->level));
        }

        return $rows;
    }

    /**
     * Assets whose next visits are close, to be done together; the soonest first.
     *
     * @return list<stdClass> asset_id, tag, name, visits, from and to
     */
    public function together(Subject $subject, LocalDate $until): array
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

    /** @return array{string, string} the first and the last day to which a next visit may be moved by hand */
    private static function movable(stdClass $schedule): array
    {
        $planned = LocalDate::parse($schedule->moved_from ?? $schedule->next_due_on);
        $dates = VisitDates::of(
            $planned,
            $planned,
            (int) $schedule->interval_days,
            VisitTerms::of(
                LeadTime::days(0),
                null,
                $schedule->tolerance_days === null ? null : (int) $schedule->tolerance_days,
                $schedule->statutory ? DaySetBy::Law : DaySetBy::Plant,
            ),
        );

        return [(string) $dates->onTimeFrom(), (string) $dates->onTimeUntil()];
    }
}
