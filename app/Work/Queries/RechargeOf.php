<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\OrderRecharge;
use App\Work\Models\PartUse;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Costing\Recharge;
use Sundial\Costing\TaxOfPlace;

/** What the recharge of an order comes to: the lines that were booked, the tax of its place, and the total. */
final readonly class RechargeOf
{
    public function standing(WorkOrder $order): ?OrderRecharge
    {
        return OrderRecharge::query()->find($order->id);
    }

    /** @return Collection<int, stdClass> kind, what, day, quantity, cents: all that was booked, line by line */
    public function lines(WorkOrder $order): Collection
    {
        $hours = DB::table('bookings as b')
            ->join('users as u', 'u.id', '=', 'b.user_id')
            ->leftJoin('trades as t', 't.id', '=', 'u.trade_id')
            ->where('b.order_id', $order->id)
            ->whereNotExists(static fn ($some) => $some
                ->from('booking_strikes as k')
                ->whereColumn('k.booking_id', 'b.id'))
            ->selectRaw("'labour' as kind, COALESCE(t.name, u.name) as what, b.worked_on as day")
            ->selectRaw('b.minutes / 60 as quantity, b.cost_cents as cents');
        $services = DB::table('service_bookings')
            ->where('order_id', $order->id)
            ->selectRaw("'services', what, booked_on, 1, cents");

        return $hours->unionAll($services)->get()->concat($this->parts($order))->sortBy('day')->values()->toBase();
    }

    /** @return list<stdClass> */
    private function parts(WorkOrder $order): array
    {
        $uses = PartUse::query()->where('order_id', $order->id)->orderBy('id')->get();
        $lines = [];
        foreach (PartUse::cents($uses) as $i => $cents) {
            $lines[] = (object) [
                'kind' => 'parts',
                'what' => $uses[$i]->name,
                'day' => $uses[$i]->used_on,
                'quantity' => $uses[$i]->quantity,
                'cents' => $cents,
            ];
        }

        return $lines;
    }

    /** @return array{int, string} ten-thousandths of a percent, and what sets it */
    public function tax(WorkOrder $order): array
    {
        $rates = DB::table('recharge_taxes')
            ->where('site_id', $order->site_id)
            ->pluck('percent', 'location_id')
            ->map(static fn (mixed $one): int => (int) $one)
            ->all();
        [$percent, $place] = TaxOfPlace::nearest(
            $order->worksite()->path,
            array_diff_key($rates, [0 => 0]),
            $rates[0] ?? null,
        );
        $name = $place === null
            ? DB::table('sites')->where('id', $order->site_id)->value('name')
            : DB::table('locations')->where('id', $place)->value('name');

        return [$percent, (string) $name];
    }

    public function computed(WorkOrder $order, OrderRecharge $recharge): Recharge
    {
        return Recharge::of(
            (int) $this->lines($order)->sum('cents'),
            $recharge->discount_cents,
            $this->tax($order)[0],
            $recharge->set_cents,
        );
    }

    /** @return list<string> references that the plant names on a recharge */
    public function references(): array
    {
        return array_values(
            DB::table('recharge_references')
                ->where('retired', false)
                ->orderBy('position')
                ->pluck('name')
                ->map(static fn (mixed $one): string => (string) $one)
                ->all(),
        );
    }

    /** @return array<int, int> ten-thousandths of a percent by place; 0 is the site itself */
    public function taxes(int $siteId): array
    {
        return DB::table('recharge_taxes')
            ->where('site_id', $siteId)
            ->pluck('percent', 'location_id')
            ->map(static fn (mixed $one): int => (int) $one)
            ->all();
    }
}
