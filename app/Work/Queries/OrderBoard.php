<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\People\Models\User;
use App\Work\Inputs\OrderSlice;
use App\Work\Models\WorkOrder;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Sundial\Work\OrderState;

/** The orders of a site in columns: by the state in which they stand, or by whose they are. */
final readonly class OrderBoard
{
    /** So many cards of a column are shown, what is due first. */
    private const CARDS = 40;

    private const STATES = [
        [OrderState::Draft, OrderState::Planned],
        [OrderState::Approved],
        [OrderState::UnderWay],
        [OrderState::OnHold],
        [OrderState::Done],
    ];

    public function __construct(private OrderIndex $index)
    {
    }

    /** @return Collection<string, Collection<int, WorkOrder>> by the word of the last state of a column */
    public function byState(int $siteId, User $me, OrderSlice $slice): Collection
    {
        $columns = [];
        foreach (self::STATES as $states) {
            $columns[$states[count($states) - 1]->value] = $this->some($siteId, $me, $slice, $states);
        }

        return collect($columns);
    }

    /**
     * @param  list<int>  $people
     * @return array<int|string, Collection<int, WorkOrder>> what is approved and not done, by person; '' for nobody
     */
    public function byPerson(int $siteId, User $me, OrderSlice $slice, array $people): array
    {
        $ready = [OrderState::Approved, OrderState::UnderWay, OrderState::OnHold];
        $all = $this->query($siteId, $me, $slice, $ready)->limit(2000)->get()->toBase();
        $columns = [];
        foreach ([null, ...$people] as $id) {
            $columns[(string) $id] = $all->where('assignee_id', $id)->take(self::CARDS)->values();
        }

        return $columns;
    }

    /**
     * @param  list<OrderState>  $states
     * @return Collection<int, WorkOrder>
     */
    private function some(int $siteId, User $me, OrderSlice $slice, array $states): Collection
    {
        return $this->query($siteId, $me, $slice, $states)->limit(self::CARDS)->get()->toBase();
    }

    /**
     * @param  list<OrderState>  $states
     * @return Builder<WorkOrder>
     */
    private function query(int $siteId, User $me, OrderSlice $slice, array $states): Builder
    {
        return $this->index
            ->narrowed($siteId, $me, ['state' => 'all'] + $slice->filter)
            ->whereIn('state', array_column($states, 'value'))
            ->with(['asset:id,tag,name', 'location:id,tag,name', 'assignee:id,name', 'team:id,name'])
            // What is done has no day on which it is due any more: what waits longest stands first.
            ->when(
                in_array(OrderState::Done, $states, true),
                static fn (Builder $done) => $done->orderBy('since_at'),
                static fn (Builder $open) => $open->whereNotNull('open_due_on')->orderBy('open_due_on'),
            )
            ->orderBy('number');
    }
}
