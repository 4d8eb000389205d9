<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Sundial\Access\Right;

/** The orders on an asset's sheet, and the one to open next at its head. */
final class AssetOrders implements SheetAction, SheetSection
{
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
}
