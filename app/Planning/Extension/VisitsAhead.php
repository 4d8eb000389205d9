<?php

declare(strict_types=1);

namespace App\Planning\Extension;

use App\Planning\Queries\LadderOf;
use App\Planning\Queries\SchedulesOf;
use App\Platform\Extension\HorizonSource;
use App\Platform\Frame\CrowdedDays;
use App\Platform\Frame\HorizonMark;
use App\Platform\Frame\MarkKind;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Register\Queries\SubtreePath;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Method\RoundWalk;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\VisitState;

/**
 * The visits to come on the horizon: of an asset, all inside it and the rounds that walk it, a place, a schedule, a
 * method, or the whole site, where crowded days come as one.
 */
final readonly class VisitsAhead implements HorizonSource
{
    public function __construct(private CurrentSite $site, private SchedulesOf $schedules)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        $visits = self::about(DB::table('coming_visits as v'), $subject)?->where('v.planned_on', '<=', (string) $to);
        if ($visits === null) {
            return [];
        }
        if (! in_array($subject->kind, ['site', 'location', 'method'], true)) {
            return [
                ...$this->single($visits, $from, false),
                ...$subject->kind === 'asset' ? $this->walked($subject->id, $from, $to) : [],
            ];
        }
        $crowd = CrowdedDays::of(
            $this->days($visits, $subject, $to),
            $from,
            Nearness::Clear->value,
            $this->kind(),
        );

        return [
            ...$crowd->bundles,
            ...$crowd->few === [] ? [] : $this->single($visits->whereIn('v.planned_on', $crowd->few), $from, true),
        ];
    }

    /**
     * How many visits without an order there are on each day, and how many of them are late. Both counts read an
     * index and nothing else.
     *
     * @return array<string, array{0: int, 1: int}>
     */
    private function days(Builder $visits, Subject $subject, LocalDate $to): array
    {
        $days = [];
        // Of a whole site the database keeps the count.
        $counts =
            $subject->kind === 'site'
                ? DB::table('outlook_loads as v')
                    ->where('v.site_id', $subject->id)
                    ->where('v.planned_on', '<=', (string) $to)
                    ->selectRaw('v.planned_on, SUM(v.visits) as n')
                : (clone $visits)->selectRaw('v.planned_on, COUNT(*) as n');
        foreach ($counts->groupBy('v.planned_on')->orderBy('v.planned_on')->having('n', '>', 0)->get() as $row) {
            $days[$row->planned_on] = [(int) $row->n, 0];
        }
        $standings = DB::table('schedule_standings as n')
            ->whereIn('n.nearness', [Nearness::InHand->value, Nearness::Late->value])
            ->groupBy('n.next_due_on', 'n.nearness')
            ->select(['n.next_due_on', 'n.nearness', DB::raw('COUNT(*) as n')]);
        $about =
            $subject->kind === 'site'
                ? $standings->where('n.site_id', $subject->id)
                : self::about($standings->join('schedules as v', 'v.id', '=', 'n.schedule_id'), $subject);
        foreach ($about?->get() ?? [] as $row) {
            if (isset($days[$row->next_due_on])) {
                $days[$row->next_due_on][$row->nearness === Nearness::Late->value ? 1 : 0] +=
                    $row->nearness === Nearness::Late->value ? (int) $row->n : -(int) $row->n;
            }
        }

        return $days;
    }

    /**
     * @return list<HorizonMark> visits of rounds that walk an asset, where their schedules stand on another
     *     one: those at which it has its turn
     */
    private function walked(int $assetId, LocalDate $from, LocalDate $to): array
    {
        $rounds = $this->schedules->rounds($assetId);
        if ($rounds->isEmpty()) {
            return [];
        }
        $lastDone = DB::table('visits')
            ->whereColumn('schedule_id', 's.id')
            ->where('state', VisitState::Done)
            ->selectRaw('COALESCE(MAX(number), 0)');
        $elsewhere = DB::table('schedules as s')
            ->join('schedule_standings as n', 'n.schedule_id', '=', 's.id')
            ->join('stations as r', 'r.round_id', '=', 's.round_id')
            ->where('r.asset_id', $assetId)
            ->where('s.asset_id', '<>', $assetId)
            ->where('s.ended', false)
            ->select(['s.id', 'n.next_number', 'n.visit_id', 'r.every'])
            ->selectSub($lastDone, 'last_done')
            ->get()
            ->keyBy('id')
            ->all();
        $passed = [];
        $itsTurn = static function (stdClass $row) use ($elsewhere, &$passed): bool {
            $schedule = $elsewhere[$row->id];
            // The visits to come are numbered on from the next one; one that is in hand has its order on the horizon
            // already.
            $number = (int) $schedule->next_number + ($passed[$row->id] ??= $schedule->visit_id === null ? 0 : 1);
            $passed[$row->id]++;

            return RoundWalk::comesAhead(
                (int) $schedule->every,
                $number,
                (int) $schedule->next_number,
                (int) $schedule->last_done,
            );
        };

        return $this->single(
            DB::table('coming_visits as v')
                ->whereIn('v.schedule_id', array_keys($elsewhere))
                ->where('v.planned_on', '<=', (string) $to),
            $from,
            false,
            $itsTurn,
        );
    }

    /** @param  (Closure(stdClass): bool)|null  $which  of the visits, in their order
     * @return list<HorizonMark> */
    private function single(Builder $visits, LocalDate $from, bool $tagged, ?Closure $which = null): array
    {
        $rows = $visits
            ->join('schedules as s', 's.id', '=', 'v.schedule_id')
            ->join('schedule_standings as n', 'n.schedule_id', '=', 's.id')
            ->join('assets as a', 'a.id', '=', 's.asset_id')
            ->whereRaw('NOT (n.visit_id IS NOT NULL AND v.planned_on = n.next_due_on)')
            ->orderBy('v.planned_on')
            ->orderBy('v.schedule_id')
            ->limit(400)
            ->select([
                'v.planned_on',
                'v.early_on',
                'v.late_on',
                'v.level',
                's.id',
                's.name',
                'n.next_due_on',
                'n.nearness',
                'a.tag',
            ]);
        $rows = LadderOf::beside($rows)->get();
        $kind = $this->kind();

        return array_values(
            ($which === null ? $rows : $rows->filter($which))
                ->map(static function (stdClass $row) use ($from, $tagged, $kind): HorizonMark {
                    $state =
                        $row->planned_on === $row->next_due_on && $row->nearness !== null
                            ? $row->nearness
                            : Nearness::Clear->value;
                    $day = static fn (?string $iso): ?LocalDate => $iso === null ? null : LocalDate::parse($iso);

                    return HorizonMark::point(
                        $kind,
                        LocalDate::later($from, LocalDate::parse($row->planned_on)),
                        ($tagged ? "{$row->tag} " : '').
                            LadderOf::named($row->name, $row->ladder, (int) $row->level).
                            ($state === Nearness::Late->value ? ', late' : ''),
                        $state,
                        $kind->opens ? "/schedules/{$row->id}" : null,
                        $day($row->early_on),
                        $day($row->late_on),
                    );
                })
                ->values()
                ->all(),
        );
    }

    private function kind(): MarkKind
    {
        $today = $this->site->today();

        return MarkKind::listed('visit', static fn (LocalDate $day, int $late): string => $late > 0
            ? '/schedules?near=late'
            : '/outlook?from='.LocalDate::later($day, $today));
    }

    /** The visits of a subject; null when it has none of its own. */
    public static function about(Builder $visits, Subject $subject): ?Builder
    {
        return match ($subject->kind) {
            'asset', 'location' => $visits->whereIn(
                'v.asset_id',
                DB::table('assets')->where('path', 'like', app(SubtreePath::class)->path($subject))->select('id'),
            ),
            'schedule' => $visits->where('v.schedule_id', $subject->id),
            'method' => $visits->where('v.method_id', $subject->id)->where('v.site_id', $subject->siteId),
            'site' => $visits->where('v.site_id', $subject->id),
            default => null,
        };
    }
}
