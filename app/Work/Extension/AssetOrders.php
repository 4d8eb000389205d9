<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** The orders on an asset's sheet, and the one to open next at its head. */
final class AssetOrders implements SheetAction, SheetSection
{
    /** @var array<int, Collection<int, WorkOrder>> */
    private array $known = [];

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

    public function view(Subject $subject): array
    {
        $past = self::of($subject)->whereNotIn('state', OpenStates::VALUES)->orderByDesc('number')->limit(4)->get();
        $orders = $this->open($subject)->concat($past);
        $orders->load(['team', 'assignee']);

        return ['work.section', ['orders' => $orders, 'assetId' => $subject->id], $this->open($subject)->count()];
    }

    /** @return Builder<WorkOrder> made for the asset, or walking it on a round */
    private static function of(Subject $subject): Builder
    {
        return WorkOrder::query()->where(static function (Builder $any) use ($subject): void {
            $any->where('asset_id', $subject->id)->orWhereIn('id', DB::table('order_assets')->where('asset_id', $subject->id)->select('order_id'));
        });
    }

    /** @return Collection<int, WorkOrder> asked for once in a request: by the section and by the button at the head */
    private function open(Subject $subject): Collection
    {
        return $this->known[$subject->id] ??= self::of($subject)->whereIn('state', OpenStates::VALUES)->orderBy('due_on')->limit(20)->get();
    }

    public function offer(Subject $subject): ?array
    {
        if (! Rights::has(Right::SeePlant)) {
            return null;
        }
        $order = $this->open($subject)->first();

        return $order === null ? null : ['label' => "Open {$order->label()}", 'href' => "/orders/{$order->id}", 'strong' => true];
    }
}
