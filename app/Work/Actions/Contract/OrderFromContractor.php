<?php

declare(strict_types=1);

namespace App\Work\Actions\Contract;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Work\Models\Contract;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Queries\Contracts;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Sundial\Support\InvalidInput;
use Sundial\Work\Contract\ContractState;

/**
 * Orders from a contractor what was agreed with them in the plan of an order that is approved. Their insurance and
 * induction hold on its day. The secret of the address by which they report is told once and not kept.
 */
final readonly class OrderFromContractor
{
    private const SECRET = 40;

    public function __construct(
        private OrderMoves $moves,
        private Contracts $contracts,
        private SiteDays $days,
        private Audit $audit,
    ) {
    }

    /** @return array{Contract, string} */
    public function __invoke(Actor $by, WorkOrder $order, int $supplierId, User $host, ?string $note): array
    {
        return DB::transaction(function () use ($by, $order, $supplierId, $host, $note): array {
            $order = $this->moves->lock($order)->load(['labour', 'services']);
            $supplier = $this->contracts->suppliers($order)->find($supplierId) ?? throw InvalidInput::because(
                'nothing_agreed',
                'supplier',
                'Nothing is agreed with them in the plan of this order. Add their hours or services first.',
            );
            if (! $order->state->isApproved()) {
                $says = "{$order->label()} is {$order->state->value}: what is approved is ordered.";
                throw InvalidInput::because('not_approved', 'supplier', $says);
            }
            $this->contracts->papers($supplierId)->check($order->workDay($this->days->today($order->site_id)));
            $standing = Contract::query()->where(['order_id' => $order->id, 'supplier_id' => $supplierId])->first();
            if ($standing !== null && ! $standing->state->takesReport()) {
                throw InvalidInput::because('accepted', 'supplier', 'Their work was accepted already.');
            }
            // Ordered anew, the address that was told before leads nowhere any more.
            $secret = Str::random(self::SECRET);
            $contract = Contract::query()->updateOrCreate(
                ['order_id' => $order->id, 'supplier_id' => $supplierId],
                [
                    'site_id' => $order->site_id,
                    'host_id' => $host->id,
                    'state' => $standing->state ?? ContractState::Ordered,
                    'note' => $note,
                    'secret_hash' => hash('sha256', $secret),
                    'who' => $by->name,
                    'ordered_on' => (string) $this->days->today($order->site_id),
                ],
            );
            $this->audit->record(
                $by,
                $order->subject(),
                "ordered {$contract->label()} from {$supplier->name}",
                [],
                $note,
                [$order->about(), $supplier->subject()],
            );

            return [$contract, $secret];
        });
    }
}
