<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Record\Compliance;
use Sundial\Planning\Record\Findings;
use Sundial\Planning\Record\IntervalVerdict;
use Sundial\Planning\Record\PastVisit;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\Quantity;
use Sundial\Support\Rounding;
use Sundial\Work\WorkKind;

/** How a schedule was kept in the last twelve months, what broke meanwhile, and what that says about its interval. */
final readonly class ScheduleRecord
{
    public function __construct(private SiteDays $days)
    {
    }

    /**
     * @return array{kept: Compliance, breakdowns: int, findings: Findings, verdict: IntervalVerdict,
     *     from: LocalDate}
     */
    public function of(Schedule $schedule): array
    {
        $today = $this->days->today($schedule->site_id);
        $from = $today->plusDays(-365);
        $tolerance =
            $schedule->nextVisit()->tolerance ??
            $schedule->tolerance_days ??
            max(1, Rounding::divideHalfAwayFromZero($schedule->standing->interval_days, 10));
        $units = $schedule->usage_every === null ? 0 : intdiv(Quantity::parse($schedule->usage_every), 10);
        $visits = Visit::query()
            ->where('schedule_id', $schedule->id)
            ->whereIn('state', [VisitState::Done, VisitState::Skipped, VisitState::Missed])
            ->where('planned_on', '>=', (string) $from->plusDays(-$tolerance))
            ->orderBy('number')
            ->get()
            ->map(static function (Visit $visit) use ($tolerance, $units, $schedule): PastVisit {
                $planned = LocalDate::parse($visit->planned_on);

                $past = match (true) {
                    $visit->state !== VisitState::Done || $visit->done_on === null => PastVisit::leftOut(
                        $planned,
                        $tolerance,
                    ),
                    $visit->leading === Leading::Usage &&
                    $visit->due_total !== null &&
                    $visit->done_total !== null => PastVisit::doneByUse(
                        $planned,
                        LocalDate::parse($visit->done_on),
                        Quantity::parse($visit->due_total),
                        Quantity::parse($visit->done_total),
                        $units,
                        $tolerance,
                    ),
                    default => PastVisit::done($planned, LocalDate::parse($visit->done_on), $tolerance),
                };

                return $schedule->statutory ? $past->byLaw() : $past;
            });
        $kept = Compliance::of($visits, $from, $today);
        $breakdowns = $this->breakdowns($schedule, $from);

        $findings = $this->findings($schedule, $from);

        return [
            'kept' => $kept,
            'breakdowns' => $breakdowns,
            'findings' => $findings,
            'verdict' => IntervalVerdict::of($kept, $breakdowns, max(1, $schedule->standing->interval_days), $findings),
            'from' => $from,
        ];
    }

    private function findings(Schedule $schedule, LocalDate $from): Findings
    {
        $worst = DB::table('order_steps as s')
            ->join('visits as v', 'v.id', '=', 's.visit_id')
            ->where('v.schedule_id', $schedule->id)
            ->where('v.state', VisitState::Done)
            ->where('v.done_on', '>=', (string) $from)
            ->whereNotNull('s.verdict')
            ->groupBy('s.visit_id')
            ->selectRaw("MAX(s.verdict = 'faulty') as failed, MAX(s.verdict = 'watch') as watched")
            ->get();

        return Findings::of(
            $worst->count(),
            $worst->where('failed', 1)->count(),
            $worst->where('failed', 0)->where('watched', 1)->count(),
        );
    }

    /**
     * Days on which something unplanned befell the asset or what stands inside it: an order that nobody had planned,
     * or a stop.
     */
    private function breakdowns(Schedule $schedule, LocalDate $from): int
    {
        $inside = DB::table('assets')
            ->where('path', 'like', Asset::query()->whereKey($schedule->asset_id)->value('path').'%')
            ->select('id');
        $orders = DB::table('work_orders')
            ->whereIn('asset_id', clone $inside)
            ->where('kind', WorkKind::Unplanned)
            ->where('state', '<>', 'cancelled')
            ->where('created_at', '>=', (string) $from)
            ->selectRaw('DATE(created_at) as day');
        // Of stops that are over, what is kept of each day says it.
        $days = DB::table('stop_days')
            ->whereIn('asset_id', clone $inside)
            ->where('planned', false)
            ->where('stops', '>', 0)
            ->where('day', '>=', (string) $from)
            ->select('day')
            ->union(DB::table('stops')
                ->whereIn('open_on', $inside)
                ->where('planned', false)
                ->where('from_at', '>=', (string) $from)
                ->selectRaw('DATE(from_at) as day'))
            ->union($orders);

        return DB::query()
            ->fromSub(static fn (Builder $any) => $any->fromSub($days, 'all_days')->select('day')->distinct(), 'days')
            ->count();
    }
}
