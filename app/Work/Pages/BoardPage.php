<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Work\Inputs\OrderSlice;
use App\Work\Queries\OrderBoard;
use App\Work\Queries\OrderFilters;
use Illuminate\Support\Collection;
use Sundial\Access\Right;

/** Orders on a board: a column for each state, or for each person. */
final readonly class BoardPage
{
    /** What a card that is dropped into the column of a state asks for; into the others nothing is dropped. */
    private const DROPS = ['approved' => 'approve', 'under way' => 'resume'];

    public function __construct(
        private OrderBoard $board,
        private PeopleOf $people,
        private OrderFilters $filters,
        private Wording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(int $siteId, User $me, OrderSlice $slice, string $by): array
    {
        $columns = $by === 'person' ? $this->people($siteId, $me, $slice) : $this->states($siteId, $me, $slice);

        return [
            'by' => $by,
            'columns' => $columns,
            'mayMove' => Rights::has(Right::PlanOrders),
            'typed' => $slice->typed,
            'narrowed' => $this->filters->words($siteId, $slice->filter['more']),
            'today' => $this->words->today(),
        ];
    }

    /** @return list<array{name: string, set: string|null, cards: Collection<int, \App\Work\Models\WorkOrder>}> */
    private function states(int $siteId, User $me, OrderSlice $slice): array
    {
        $columns = [];
        foreach ($this->board->byState($siteId, $me, $slice) as $state => $cards) {
            $columns[] = [
                'name' => $state === 'done' ? 'to review' : $state,
                'set' => self::DROPS[$state] ?? null,
                'cards' => $cards,
            ];
        }

        return $columns;
    }

    /** @return list<array{name: string, set: string|null, cards: Collection<int, \App\Work\Models\WorkOrder>}> */
    private function people(int $siteId, User $me, OrderSlice $slice): array
    {
        $names = $this->people->with(Right::WorkOnOwnOrders, $siteId)->pluck('name', 'id');
        $ids = array_values(array_map(intval(...), $names->keys()->all()));
        $columns = [];
        foreach ($this->board->byPerson($siteId, $me, $slice, $ids) as $id => $cards) {
            $columns[] = [
                'name' => (string) ($names[$id] ?? 'nobody yet'),
                'set' => "person={$id}",
                'cards' => $cards,
            ];
        }

        // Who has nothing stands behind those who have, so that what there is to see is seen.
        $nobody = array_shift($columns);
        usort($columns, static fn (array $a, array $b): int => [$a['cards']->isEmpty(), $a['name']] <=>
            [$b['cards']->isEmpty(), $b['name']]);

        return [...$nobody === null ? [] : [$nobody], ...$columns];
    }
}
