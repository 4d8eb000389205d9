<?php

declare(strict_types=1);

namespace App\Work\Projections;

use App\Stores\Actions\ClaimParts;
use App\Stores\Inputs\PartsWanted;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Facades\DB;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;
use Sundial\Work\Plan\Remainder;

/**
 * Keeps what an order claims of the stores where its plan, its state and its rank are now: what is planned from the
 * store and not used yet, from its approval until its work is done.
 */
final readonly class ClaimsOfOrder
{
    public function __construct(private ClaimParts $claim)
    {
    }

    public function keep(WorkOrder $order): void
    {
        if (! self::mayClaim($order->id)) {
            return;
        }
        $wanted = PartsWanted::by(
            $order->subject(),
            "{$order->label()} {$order->title}",
            $order->state->isApproved() ? $this->wanted($order->id) : [],
        );
        ($this->claim)(
            $wanted
                ->ranked(
                    $order->priority->strokes(),
                    $order->planned_on ?? $order->due_on,
                    (string) $order->since_at,
                )
                ->fetchedBy($this->who($order)),
        );
    }

    /** Of several that were just made. */
    public function keepMany(int ...$ids): void
    {
        $some = DB::table('order_parts as p')
            ->join('work_orders as o', 'o.id', '=', 'p.order_id')
            ->join('stock as s', static fn ($on) => $on
                ->on('s.part_id', '=', 'p.part_id')
                ->on('s.site_id', '=', 'o.site_id'))
            ->whereIn('o.id', $ids)
            ->whereIn('o.state', OpenStates::APPROVED)
            ->where('p.source', PartSource::FromStore->value)
            ->distinct()
            ->pluck('o.id');
        foreach (WorkOrder::query()->whereIn('id', $some)->orderBy('id')->get() as $order) {
            $this->keep($order);
        }
    }

    /** Whether it plans something from a store, or was promised something. */
    private static function mayClaim(int $orderId): bool
    {
        return DB::table('order_parts')
            ->where('order_id', $orderId)
            ->where('source', PartSource::FromStore->value)
            ->exists() || DB::table('part_claims')
            ->where('subject_kind', 'order')
            ->where('subject_id', $orderId)
            ->exists();
    }

    /** @return array<int, int> thousandths by part */
    private function wanted(int $orderId): array
    {
        $used = DB::table('part_uses')
            ->where('order_id', $orderId)
            ->whereNotNull('line_id')
            ->groupBy('line_id')
            ->selectRaw('line_id, SUM(quantity) as used')
            ->pluck('used', 'line_id');
        $wanted = [];
        $lines = DB::table('order_parts')
            ->where('order_id', $orderId)
            ->where('source', PartSource::FromStore->value)
            ->get(['id', 'part_id', 'quantity']);
        foreach ($lines as $line) {
            $wanted[(int) $line->part_id] = ($wanted[(int) $line->part_id] ?? 0) + Remainder::part(
                Quantity::parse((string) $line->quantity),
                Quantity::parse((string) ($used[$line->id] ?? '0')),
            );
        }

        return $wanted;
    }

    private function who(WorkOrder $order): ?string
    {
        $who = $order->assignee_id === null
            ? DB::table('teams')->where('id', $order->team_id)->value('name')
            : DB::table('users')->where('id', $order->assignee_id)->value('name');

        return is_string($who) ? $who : null;
    }
}
