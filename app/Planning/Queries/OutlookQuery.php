<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Extension\VisitsAhead;
use App\Platform\Subject;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\DaySetBy;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Planning\Visit\VisitTerms;

/** The visits to come of a site, a place or an asset, as the actions keep them. */
final readonly class OutlookQuery
{
    private const PER_PAGE = 100;

    /** How long the outlook reaches: weeks, and how the heat divides them. */
    public const REACH = [
        '8 weeks' => [8, 'week'],
        '6 months' => [26, 'week'],
        'a year' => [52, 'month'],
        '2 years' => [104, 'month'],
        '5 years' => [260, 'quarter'],
    ];

    public function __construct(private VisitLabour $labour)
    {
    }

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
    public static function every(Subject $subject, array $only): Builder
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
        $visits = self::every($subject, $only);

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
        $labour = $this->labour->ofMethods(array_values(array_unique(array_column($rows, 'method_id'))));
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
            $row->minutes = array_sum(VisitLabour::upTo($labour[(int) $row->method_id] ?? [], (int) $row->level));
        }

        return $rows;
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
