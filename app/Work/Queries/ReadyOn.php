<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use App\Work\Models\OrderIsolation;
use App\Work\Models\OrderLabour;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Stock\PartsReady;
use Sundial\Work\Isolation\Isolation;
use Sundial\Work\OrderState;
use Sundial\Work\Window\ReadyWork;

/** The work that is ready on an asset, inside it and on what is stopped with it; and who is free to do it. */
final readonly class ReadyOn
{
    private const MOST = 100;

    public function __construct(
        private PermitsOf $permits,
        private PeopleOf $people,
        private SiteDays $days,
        private Clock $clock,
    ) {
    }

    /** @return Collection<int, WorkOrder> approved and not begun, by id */
    public function orders(Asset $asset): Collection
    {
        $standing = Asset::query()->where(static function ($any) use ($asset): void {
            $any->where('path', 'like', "{$asset->path}%");
            if ($asset->tie_id !== null) {
                $any->orWhere('tie_id', $asset->tie_id);
            }
        });

        return WorkOrder::query()
            ->where('site_id', $asset->site_id)
            ->where('state', OrderState::Approved)
            ->whereIn('asset_id', $standing->select('id'))
            ->whereNotIn('id', DB::table('shutdown_orders as s')
                ->join('shutdowns as d', 'd.id', '=', 's.shutdown_id')
                ->whereNull('d.over_at')
                ->select('s.order_id'))
            ->with(['asset:id,tag,name', 'labour' => static fn ($lines) => $lines->withAggregate('trade', 'name')])
            ->orderBy('id')
            ->limit(self::MOST)
            ->get()
            ->keyBy('id')
            ->toBase();
    }

    public function work(WorkOrder $order, ?PartsReady $parts = null): ReadyWork
    {
        $people = $order->labour->whereNull('supplier_id')->map(static fn (OrderLabour $one): array => [
            (string) $one->getAttribute('trade_name'),
            $one->people,
            $one->minutes,
        ]);
        $lacks = array_map(
            static fn (string $permit): string => "no permit for {$permit}",
            $this->permits->needed($order->id)->missing($this->issued($order), $this->clock->now()),
        );
        if ($parts !== null && ! $parts->areHere()) {
            $lacks[] = 'its parts are not all here';
        }
        if ($order->grown !== null) {
            $lacks[] = 'its plan grew and is not approved again';
        }

        return ReadyWork::of($order->id, $order->priority, $order->daysLate($this->days->today($order->site_id)))
            ->taking($order->planned_minutes, array_values($people->all()))
            ->lacking(...$lacks);
    }

    /** @return array<string, int> people whose clock does not run, by trade */
    public function free(int $siteId): array
    {
        $busy = DB::table('timers')->pluck('user_id')->all();
        $trades = DB::table('trades')->pluck('name', 'id');

        return $this->people
            ->with(Right::WorkOnOwnOrders, $siteId)
            ->whereNotIn('id', $busy)
            ->whereNotNull('trade_id')
            ->countBy(static fn (User $one): string => (string) $trades[(int) $one->trade_id])
            ->sortKeys()
            ->all();
    }

    /** @return list<array{string, Isolation}> */
    private function issued(WorkOrder $order): array
    {
        return array_values(
            OrderIsolation::query()
                ->whereNotNull('permit')
                ->whereHas('orders', static fn ($some) => $some->whereKey($order->id))
                ->get()
                ->map(static fn (OrderIsolation $one): array => [
                    (string) $one->permit,
                    $one->standing(),
                ])
                ->all(),
        );
    }
}
