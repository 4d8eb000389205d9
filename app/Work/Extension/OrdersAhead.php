<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\HorizonSource;
use App\Platform\Frame\CrowdedDays;
use App\Platform\Frame\HorizonMark;
use App\Platform\Frame\MarkKind;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Register\Queries\SubtreePath;
use App\Work\Models\OrderVisit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as BaseBuilder;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** Open orders on the horizon, as bars that a planner moves to another day. */
final readonly class OrdersAhead implements HorizonSource
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        $orders = $this->about(
            WorkOrder::query()
                ->whereNotNull('open_due_on')
                ->whereNotNull('planned_on')
                ->where('planned_on', '<=', (string) $to),
            $subject,
        );
        if ($orders === null) {
            return [];
        }
        if (! in_array($subject->kind, ['site', 'location', 'method'], true)) {
            return $this->single($orders, $from);
        }
        $days = [];
        foreach (
            (clone $orders)
                ->groupBy('planned_on')
                ->orderBy('planned_on')
                ->selectRaw('planned_on, COUNT(*) as n, SUM(open_due_on < ?) as late', [
                    (string) $this->site->today(),
                ])
                ->toBase()
                ->get() as $row
        ) {
            $days[(string) $row->planned_on] = [(int) $row->n, (int) $row->late];
        }
        $crowd = CrowdedDays::of($days, $from, 'in hand', self::kind());

        return [
            ...$crowd->bundles,
            ...$crowd->few === [] ? [] : $this->single($orders->whereIn('planned_on', $crowd->few), $from),
        ];
    }

    /** @param  Builder<WorkOrder>  $orders
     * @return list<HorizonMark> */
    private function single(Builder $orders, LocalDate $from): array
    {
        $today = $this->site->today();
        $mayMove = Rights::has(Right::PlanOrders);
        $kind = self::kind();

        return array_values(
            $orders
                ->orderBy('planned_on')
                ->limit(200)
                ->toBase()
                ->get(['id', 'number', 'title', 'planned_on', 'due_on', 'version'])
                ->map(static function (object $order) use ($from, $today, $mayMove, $kind): HorizonMark {
                    $day = LocalDate::later($from, LocalDate::parse((string) $order->planned_on));

                    return HorizonMark::bar(
                        $kind,
                        $day,
                        $day->plusDays(1),
                        "W-{$order->number} {$order->title}",
                        $order->due_on !== null && $order->due_on < (string) $today ? 'late' : 'in hand',
                        $kind->opens ? "/orders/{$order->id}" : null,
                        $mayMove
                            ? ['href' => "/orders/{$order->id}/planned-day", 'version' => (int) $order->version]
                            : null,
                    );
                })
                ->values()
                ->all(),
        );
    }

    private static function kind(): MarkKind
    {
        return MarkKind::listed(
            'order',
            static fn (LocalDate $day, int $late): string => $late > 0 ? '/orders?late=1' : '/orders',
        );
    }

    /** What stands at a subject or below it. */
    private static function below(string $table, Subject $subject): BaseBuilder
    {
        return DB::table($table)->where('path', 'like', app(SubtreePath::class)->path($subject))->select('id');
    }

    /** Open orders on a place, on places in it, and on assets there: each by an index of its own. */
    private static function standing(Subject $subject): BaseBuilder
    {
        $open = static fn (): BaseBuilder => DB::table('work_orders')
            ->where('site_id', $subject->siteId)
            ->whereIn('state', OpenStates::VALUES)
            ->select('id');

        return $open()
            ->whereIn('asset_id', self::below('assets', $subject))
            ->union($open()->whereIn('location_id', self::below('locations', $subject)));
    }

    /** @param  Builder<WorkOrder>  $orders
     * @return Builder<WorkOrder>|null */
    private function about(Builder $orders, Subject $subject): ?Builder
    {
        return match ($subject->kind) {
            // Its own, those of what is inside it, and those that walk it on a round.
            'asset' => $orders->whereIn(
                'id',
                DB::query()
                    ->fromSub(
                        DB::table('work_orders')
                            ->whereNotNull('open_due_on')
                            ->whereIn(
                                'asset_id',
                                self::below('assets', $subject),
                            )
                            ->select('id')
                            ->union(DB::table('order_assets')->where('asset_id', $subject->id)->select('order_id')),
                        'some',
                    )
                    ->select('id'),
            ),
            'location' => $orders->whereIn('id', DB::query()->fromSub(self::standing($subject), 'some')->select('id')),
            'schedule' => $orders->whereIn(
                'id',
                OrderVisit::query()
                    ->whereHas('visit', static fn ($visit) => $visit->where('schedule_id', $subject->id))
                    ->select('order_id'),
            ),
            'method' => $orders
                ->where('site_id', $subject->siteId)
                ->whereIn(
                    'revision_id',
                    DB::table('method_revisions')->where('method_id', $subject->id)->select('id'),
                ),
            'person' => $orders->where('site_id', $subject->siteId)->where('assignee_id', $subject->id),
            'shutdown' => $orders->whereIn(
                'id',
                DB::table('shutdown_orders')->where('shutdown_id', $subject->id)->select('order_id'),
            ),
            'site' => $orders->where('site_id', $subject->id),
            default => null,
        };
    }
}
