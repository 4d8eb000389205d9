<?php

declare(strict_types=1);

namespace App\Work\Projections;

use App\Stores\Actions\ClaimParts;
use App\Stores\Inputs\PartsWanted;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OpenStates;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
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

    public function keep(WorkOrder ...$orders): void
    {
        $ids = array_map(static fn (WorkOrder $one): int => $one->id, $orders);
        $lines = DB::table('order_parts')
            ->whereIn('order_id', $ids)
            ->where('source', PartSource::FromStore->value)
            ->get(['id', 'order_id', 'part_id', 'quantity']);
        $claiming = DB::table('part_claims')
            ->where('subject_kind', 'order')
            ->whereIn('subject_id', $ids)
            ->pluck('subject_id');
        $those = $lines->pluck('order_id')->merge($claiming)->flip();
        $some = array_filter($orders, static fn (WorkOrder $one): bool => $those->has($one->id));
        if ($some === []) {
            return;
        }
        $approved = array_column(
            array_filter($some, static fn (WorkOrder $one): bool => $one->state->isApproved()),
            'id',
        );
        $wanted = $approved === [] ? [] : $this->wanted($lines->whereIn('order_id', $approved));
        $who = $this->who($some);
        ($this->claim)(...array_map(
            static fn (WorkOrder $one): PartsWanted => PartsWanted::by(
                $one->subject(),
                "{$one->label()} {$one->title}",
                $wanted[$one->id] ?? [],
            )
                ->ranked($one->priority->strokes(), $one->planned_on ?? $one->due_on, (string) $one->since_at)
                ->fetchedBy($who[$one->id]),
            array_values($some),
        ));
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
        $this->keep(...WorkOrder::query()->whereIn('id', $some)->orderBy('id')->get());
    }

    /**
     * @param  Collection<int, stdClass>  $lines
     * @return array<int, array<int, int>> thousandths not used yet, by order and part
     */
    private function wanted(Collection $lines): array
    {
        $used = DB::table('part_uses')
            ->whereIn('order_id', $lines->pluck('order_id')->unique())
            ->whereNotNull('line_id')
            ->groupBy('line_id')
            ->selectRaw('line_id, SUM(quantity) as used')
            ->pluck('used', 'line_id');
        $wanted = [];
        foreach ($lines as $line) {
            $left = Remainder::part(
                Quantity::parse((string) $line->quantity),
                Quantity::parse((string) ($used[$line->id] ?? '0')),
            );
            $parts = $wanted[(int) $line->order_id] ?? [];
            $parts[(int) $line->part_id] = ($parts[(int) $line->part_id] ?? 0) + $left;
            $wanted[(int) $line->order_id] = $parts;
        }

        return $wanted;
    }

    /**
     * @param  array<WorkOrder>  $orders
     * @return array<int, string|null> who fetches the parts, by order
     */
    private function who(array $orders): array
    {
        $names = static fn (string $table, string $key): Collection => DB::table($table)
            ->whereIn('id', array_filter(array_map(static fn (WorkOrder $one): ?int => $one->{$key}, $orders)))
            ->pluck('name', 'id');
        $people = $names('users', 'assignee_id');
        $teams = $names('teams', 'team_id');
        $who = [];
        foreach ($orders as $one) {
            $who[$one->id] = $one->assignee_id === null
                ? $teams->get((int) $one->team_id)
                : $people->get($one->assignee_id);
        }

        return $who;
    }
}
