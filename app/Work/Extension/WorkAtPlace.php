<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Register\Models\Location;
use App\Work\Models\WorkOrder;
use App\Work\Queries\SimilarRequests;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** On the sheet of a place: what is done at it and reported of it, beside what concerns its assets. */
final readonly class WorkAtPlace implements SheetAction, SheetSection
{
    private const SHOWN = 20;

    public function __construct(private SimilarRequests $open)
    {
    }

    public function kind(): string
    {
        return 'location';
    }

    public function position(): int
    {
        return 10;
    }

    public function title(): string
    {
        return 'Work';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function view(Subject $subject): array
    {
        $place = (new Location())->newFromBuilder(['id' => $subject->id, 'site_id' => $subject->siteId]);
        $orders = WorkOrder::query()
            ->where('location_id', $subject->id)
            ->orderByRaw('open_due_on IS NULL')
            ->orderBy('open_due_on')
            ->orderByDesc('number')
            ->limit(self::SHOWN)
            ->addSelect('work_orders.*')
            ->addSelect(['hands' => DB::table('users')->whereColumn('users.id', 'assignee_id')->select('name')])
            ->get();

        return [
            'work.at-place',
            [
                'orders' => $orders,
                'requests' => ($this->open)($place),
                'all' => "/orders?place={$subject->id}&state=all",
                'report' => Rights::has(Right::ReportStops) ? "/places/{$subject->id}/report" : null,
            ],
            $orders->whereNotNull('open_due_on')->count(),
        ];
    }

    public function offer(Subject $subject): ?array
    {
        $tag = Rights::has(Right::PlanOrders) ? Location::query()->whereKey($subject->id)->value('tag') : null;

        return $tag === null
            ? null
            : ['label' => 'Raise an order', 'href' => '/orders/new?asset='.urlencode((string) $tag), 'strong' => false];
    }
}
