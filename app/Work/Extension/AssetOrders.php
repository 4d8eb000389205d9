<?php

declare(strict_types=1);

namespace App\Work\Extension;

use App\Platform\Access\Rights;
use App\Platform\Extension\SheetAction;
use App\Platform\Extension\SheetSection;
use App\Platform\Subject;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** The orders on an asset's sheet, and the one to open next at its head. */
final class AssetOrders implements SheetAction, SheetSection
{
    private const OPEN = 20;

    private const PAST = 4;

    /** @var array<int, array{Collection<int, WorkOrder>, Collection<int, WorkOrder>}> */
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
        [$open, $past] = $this->ordersOf($subject);

        return [
            'work.section',
            ['orders' => $open->concat($past), 'all' => "/orders?asset={$subject->id}&state=all"],
            $open->count(),
        ];
    }

    /**
     * Made for the asset, or walking it on a round; asked for once in a request, by the section and by the button at
     * the head.
     *
     * @return array{Collection<int, WorkOrder>, Collection<int, WorkOrder>} the open ones by due day, and the
     *     last that ended, each with the name of who has it in hand
     */
    private function ordersOf(Subject $subject): array
    {
        return $this->known[$subject->id] ??= self::ask($subject->id);
    }

    /** @return array{Collection<int, WorkOrder>, Collection<int, WorkOrder>} */
    private static function ask(int $assetId): array
    {
        $own = static fn (): Builder => DB::table('work_orders as o')->where('o.asset_id', $assetId)->select('o.id');
        $walking = static fn (): Builder => DB::table('order_assets as w')
            ->join('work_orders as o', 'o.id', '=', 'w.order_id')
            ->where('w.asset_id', $assetId)
            ->select('o.id');
        $some = null;
        foreach ([$own, $walking] as $of) {
            $open = $of()->whereIn('o.state', OpenStates::VALUES)->orderBy('o.due_on')->limit(self::OPEN);
            $some = ($some === null ? $open : $some->union($open))->union(
                $of()->whereNotIn('o.state', OpenStates::VALUES)->orderByDesc('o.number')->limit(self::PAST),
            );
        }
        $orders = WorkOrder::query()
            ->whereIn('id', DB::query()->fromSub($some, 'some')->select('id'))
            ->select('work_orders.*')
            ->selectRaw(
                'COALESCE((SELECT u.name FROM users u WHERE u.id = work_orders.assignee_id), (SELECT t.name FROM '.
                    'teams t WHERE t.id = work_orders.team_id)) as hands',
            )
            ->get();
        [$open, $past] = $orders->partition(static fn (WorkOrder $order): bool => $order->state->isOpen())->all();

        return [
            $open->sortBy('due_on')->take(self::OPEN)->values(),
            $past->sortByDesc('number')->take(self::PAST)->values(),
        ];
    }

    public function offer(Subject $subject): ?array
    {
        if (! Rights::has(Right::SeePlant)) {
            return null;
        }
        $order = $this->ordersOf($subject)[0]->first();

        return $order === null
            ? null
            : ['label' => "Open {$order->label()}", 'href' => "/orders/{$order->id}", 'strong' => true];
    }
}
