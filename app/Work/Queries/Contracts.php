<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\Supplier;
use App\Work\Models\Contract;
use App\Work\Models\OrderLabour;
use App\Work\Models\OrderService;
use App\Work\Models\ServiceBooking;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;
use Sundial\Work\Contract\ContractAmount;
use Sundial\Work\Contract\Papers;

/** Orders to contractors: what was agreed with whom, their papers, and how their invoices stand. */
final readonly class Contracts
{
    /** @return Collection<int, Contract> by supplier */
    public function ofOrder(int $orderId): Collection
    {
        return Contract::query()
            ->where('order_id', $orderId)
            ->with(['supplier', 'host:id,name'])
            ->get()
            ->keyBy('supplier_id');
    }

    /** @return Collection<int, Supplier> with whom something is agreed in the plan of an order */
    public function suppliers(WorkOrder $order): Collection
    {
        $ids = [
            ...$order->labour->pluck('supplier_id')->all(),
            ...$order->services->pluck('supplier_id')->all(),
        ];

        return Supplier::query()->whereIn('id', array_filter($ids))->orderBy('name')->get();
    }

    public function papers(int $supplierId): Papers
    {
        return Papers::of(array_values(
            DB::table('expiry_dates')
                ->where('kind', 'supplier')
                ->where('subject_id', $supplierId)
                ->whereNull('ended_at')
                ->get(['what', 'until'])
                ->map(static fn (object $one): array => [(string) $one->what, LocalDate::parse((string) $one->until)])
                ->all(),
        ));
    }

    /** @return Collection<int, OrderLabour> */
    public function labour(int $orderId, int $supplierId): Collection
    {
        return OrderLabour::query()
            ->where('order_id', $orderId)
            ->where('supplier_id', $supplierId)
            ->withAggregate('trade', 'name')
            ->orderBy('id')
            ->get();
    }

    /** @return Collection<int, OrderService> */
    public function services(int $orderId, int $supplierId): Collection
    {
        return OrderService::query()
            ->where('order_id', $orderId)
            ->where('supplier_id', $supplierId)
            ->orderBy('id')
            ->get();
    }

    public function amount(Contract $contract): ContractAmount
    {
        $hours = array_values(
            $this->labour($contract->order_id, $contract->supplier_id)
                ->map(static fn (OrderLabour $one): array => [
                    $one->people * $one->minutes,
                    HourlyRate::parse((string) $one->rate),
                ])
                ->all(),
        );
        $services = (int) $this->services($contract->order_id, $contract->supplier_id)->sum('planned_cents');
        $amount = ContractAmount::agreed($hours, $services)->invoicing((int) ServiceBooking::query()
            ->where('order_id', $contract->order_id)
            ->where('supplier_id', $contract->supplier_id)
            ->sum('cents'));

        return $contract->accepted_on === null
            ? $amount
            : $amount->accepting((int) $contract->minutes, $hours, $services);
    }

    public function bySecret(string $secret): ?Contract
    {
        return Contract::query()->where('secret_hash', hash('sha256', $secret))->first();
    }
}
