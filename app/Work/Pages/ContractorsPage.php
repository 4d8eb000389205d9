<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Models\Supplier;
use App\People\Queries\PeopleOf;
use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Work\Models\Contract;
use App\Work\Models\WorkOrder;
use App\Work\Queries\Contracts;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;

/** The contractors of an order: what is agreed, whether their papers hold, what they reported, what they invoiced. */
final readonly class ContractorsPage
{
    public function __construct(
        private Contracts $contracts,
        private PeopleOf $people,
        private Wording $words,
        private CurrentSite $site,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(WorkOrder $order, int $me): array
    {
        $order->loadMissing(['asset', 'location', 'labour', 'services']);
        $contracts = $this->contracts->ofOrder($order->id);

        return [
            'order' => $order,
            'lines' => array_values($this->contracts->suppliers($order)->map(fn (Supplier $one): array => [
                'supplier' => $one,
                'contract' => $contracts->get($one->id),
                'missing' => $this->contracts->papers($one->id)->missing(),
                ...$this->agreed($order, $one, $contracts->get($one->id)),
            ])->all()),
            'people' => $this->people->names($this->site->id()),
            'me' => $me,
            'mayOrder' => Gate::allows('assign', $order) && $order->state->isApproved(),
            'mayAccept' => Rights::has(Right::ReopenOrders),
            'seesCosts' => Rights::has(Right::SeeCosts),
        ];
    }

    /** @return array<string, mixed> what the order to one contractor says, on paper */
    public function paper(Contract $contract): array
    {
        $contract->loadMissing(['supplier', 'host', 'order.asset', 'order.location']);

        return [
            'contract' => $contract,
            'order' => $contract->order,
            'site' => $this->site->get(),
            'supplier' => $contract->supplier,
            'labour' => $this->contracts->labour($contract->order_id, $contract->supplier_id),
            'services' => $this->contracts->services($contract->order_id, $contract->supplier_id),
            'agreed' => $this->words->money($this->contracts->amount($contract)->agreed),
            'precautions' => $contract->order->precautions()->orderBy('position')->pluck('text'),
        ];
    }

    /** @return array<string, mixed> */
    private function agreed(WorkOrder $order, Supplier $supplier, ?Contract $contract): array
    {
        $amount = $this->contracts->amount(
            $contract ?? new Contract(['order_id' => $order->id, 'supplier_id' => $supplier->id]),
        );
        $difference = $amount->difference();

        return [
            'labour' => $this->contracts->labour($order->id, $supplier->id),
            'services' => $this->contracts->services($order->id, $supplier->id),
            'agreed' => $this->words->money($amount->agreed),
            'accepted' => $amount->accepted === null ? null : $this->words->money($amount->accepted),
            'invoiced' => $amount->invoiced === 0 ? null : $this->words->money($amount->invoiced),
            'match' => match (true) {
                $difference === null, $amount->invoiced === 0 => null,
                $difference === 0 => 'as accepted',
                $difference > 0 => $this->words->money($difference).' more than accepted',
                default => $this->words->money(-$difference).' less than accepted',
            },
        ];
    }
}
