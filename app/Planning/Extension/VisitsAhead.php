<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Platform\Extension\HorizonSource;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\HorizonMark;
use App\Platform\Frame\HorizonSpan;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Register\Queries\InsideOf;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** The visits to come on the horizon: of an asset and all inside it, a place, a schedule, a method, or the whole site, where crowded days come as one. */
final readonly class VisitsAhead implements HorizonSource
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        $visits = self::about(DB::table('coming_visits as v')->join('schedules as s', 's.id', '=', 'v.schedule_id'), $subject)?->whereRaw('NOT (s.in_hand IS NOT NULL AND v.planned_on = s.next_due_on)');
        if ($visits === null) {
            return [];
        }
        $today = $this->site->today();
        $visits->where('v.planned_on', '<=', (string) $to);
        if (! in_array($subject->kind, ['site', 'location', 'method'], true)) {
            return $this->single($visits, $today, $from, false);
        }
        $bucket = HorizonSpan::chosen()->bundle();
        $counts = [];
        foreach ((clone $visits)->groupBy('v.planned_on')->orderBy('v.planned_on')->selectRaw('v.planned_on as day, COUNT(*) as n, SUM(s.late_from <= ? AND v.planned_on = s.next_due_on) as late', [(string) $today])->get() as $row) {
            $counts[intdiv(LocalDate::later($from, LocalDate::parse($row->day))->epochDay, $bucket)][] = $row;
        }
        $marks = [];
        $few = [];
        foreach ($counts as $rows) {
            $count = (int) array_sum(array_column($rows, 'n'));
            if ($count > Horizon::CROWD) {
                $late = (int) array_sum(array_column($rows, 'late'));
                $day = LocalDate::later($from, LocalDate::parse($rows[0]->day));
                $marks[] = HorizonMark::bundle($day, $count, $late > 0 ? "{$count}, {$late} late" : "{$count} visits", $late > 0 ? 'late' : 'clear', $late > 0 ? '/schedules?near=late' : '/outlook?from='.LocalDate::later($day, $today));
            } else {
                $few = [...$few, ...array_column($rows, 'day')];
            }
        }

        return [...$marks, ...($few === [] ? [] : $this->single($visits->whereIn('v.planned_on', $few), $today, $from, true))];
    }

    /** @return list<HorizonMark> */
    private function single(Builder $visits, LocalDate $today, LocalDate $from, bool $tagged): array
    {
        return $visits->join('assets as a', 'a.id', '=', 's.asset_id')->orderBy('v.planned_on')->limit(400)->get(['v.planned_on', 'v.early_on', 'v.late_on', 's.id', 's.name', 's.next_due_on', 's.near_from', 's.late_from', 'a.tag'])->map(static function (object $row) use ($today, $from, $tagged): HorizonMark {
            $isNext = $row->planned_on === $row->next_due_on;
            $state = match (true) {
                $isNext && $row->late_from !== null && $row->late_from <= (string) $today => 'late',
                $isNext && $row->near_from <= (string) $today => 'near',
                default => 'clear',
            };
            $day = static fn (?string $iso): ?LocalDate => $iso === null ? null : LocalDate::parse($iso);

            return HorizonMark::point(LocalDate::later($from, LocalDate::parse($row->planned_on)), ($tagged ? "{$row->tag} " : '').$row->name.($state === 'late' ? ', late' : ''), $state, "/schedules/{$row->id}", $day($row->early_on), $day($row->late_on));
        })->values()->all();
    }

    /** The visits of a subject; null when it has none of its own. */
    public static function about(Builder $visits, Subject $subject): ?Builder
    {
        return match ($subject->kind) {
            'asset', 'location' => $visits->whereIn('v.asset_id', DB::table('assets')->where('path', 'like', app(InsideOf::class)->path($subject))->select('id')),
            'schedule' => $visits->where('v.schedule_id', $subject->id),
            'method' => $visits->where('v.method_id', $subject->id)->where('v.site_id', $subject->siteId),
            'site' => $visits->where('v.site_id', $subject->id),
            default => null,
        };
    }
}
