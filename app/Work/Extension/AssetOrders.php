<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\HorizonSource;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Frame\HorizonMark;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Work\Models\OrderVisit;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** The orders on an asset's sheet, the one to open next at its head, and its open orders on the horizon. */
final readonly class AssetOrders implements HorizonSource, SheetAction, SheetSection
{
    public function __construct(private CurrentSite $site)
    {
    }

    public function kind(): string
    {
        return 'asset';
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

    public function count(Subject $subject): int
    {
        return WorkOrder::query()->where('asset_id', $subject->id)->whereIn('state', OpenStates::VALUES)->count();
    }

    public function view(Subject $subject): array
    {
        $orders = WorkOrder::query()->where('asset_id', $subject->id)->with(['team', 'assignee']);
        $open = (clone $orders)->whereIn('state', OpenStates::VALUES)->orderBy('due_on')->limit(20)->get();
        $past = (clone $orders)->whereNotIn('state', OpenStates::VALUES)->orderByDesc('number')->limit(4)->get();

        return ['work.section', ['orders' => $open->concat($past), 'all' => WorkOrder::query()->where('asset_id', $subject->id)->count(), 'assetId' => $subject->id]];
    }

    public function offer(Subject $subject): ?array
    {
        if (! Rights::has(Right::SeePlant)) {
            return null;
        }
        $order = WorkOrder::query()->where('asset_id', $subject->id)->whereIn('state', OpenStates::VALUES)->orderBy('due_on')->first();

        return $order === null ? null : ['label' => "Open {$order->label()}", 'href' => "/orders/{$order->id}", 'strong' => true];
    }

    public function marks(Subject $subject, LocalDate $from, LocalDate $to): array
    {
        $orders = WorkOrder::query()->whereNotNull('planned_on')->whereIn('state', OpenStates::VALUES);
        match ($subject->kind) {
            'asset' => $orders->where('asset_id', $subject->id),
            'schedule' => $orders->whereIn('id', OrderVisit::query()->whereHas('visit', static fn ($visit) => $visit->where('schedule_id', $subject->id))->select('order_id')),
            'order' => $orders->whereKey($subject->id),
            default => $orders->whereRaw('1 = 0'),
        };
        $today = $this->site->today();

        return $orders->limit(40)->get()->map(static function (WorkOrder $order) use ($from, $today): HorizonMark {
            $day = LocalDate::later($from, LocalDate::parse((string) $order->planned_on));

            return HorizonMark::bar($day, $day->plusDays(1), "{$order->label()} {$order->title}", $order->due_on !== null && LocalDate::parse($order->due_on)->isBefore($today) ? 'late' : 'in hand', "/orders/{$order->id}");
        })->values()->all();
    }
}
