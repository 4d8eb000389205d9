<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Models\User;
use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Platform\Lists\KeptOfTable;
use App\Platform\Lists\ListColumn;
use App\Work\Inputs\OrderSlice;
use App\Work\Queries\OrderFilters;
use App\Work\Queries\WaitingWords;
use App\Work\Table\OrderTable;
use stdClass;
use Sundial\Access\Right;
use Sundial\Support\Money;
use Sundial\Work\Many\ChangeOfMany;
use Sundial\Work\Priority;
use Sundial\Work\Stage;

/** Orders as a table: chosen columns, and what can be changed on many of them. */
final readonly class OrderTablePage
{
    public function __construct(
        private OrderTable $table,
        private OrderFilters $filters,
        private KeptOfTable $kept,
        private PeopleLists $people,
        private PeopleOf $peopleOf,
        private WaitingWords $waiting,
        private Wording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(int $siteId, User $me, OrderSlice $slice, string $sort, int $page): array
    {
        $all = $this->table->columns();
        $shown = $this->shown($me->id);
        $found = $this->table->page($siteId, $me, $slice, $shown, $sort, $page);

        return [
            'rows' => array_map(fn (stdClass $row): array => $this->row($row, $shown), $found['rows']),
            'foundWords' => $this->words->upTo($found['found'], OrderTable::SORTED),
            'found' => $found['found'],
            'isSorted' => $found['sorted'],
            'more' => $found['more'],
            'page' => $page,
            'perPage' => OrderTable::PER_PAGE,
            'sort' => $sort,
            'typed' => $slice->typed,
            'narrowed' => $this->filters->words($siteId, $slice->filter['more']),
            'stands' => $slice->filter['state'],
            'all' => $all,
            'shown' => $shown,
            'mayChange' => Rights::has(Right::PlanOrders),
            'changes' => Rights::has(Right::PlanOrders) ? $this->changes($siteId) : [],
            'saved' => $this->kept->filters($siteId, $me->id, 'orders'),
        ];
    }

    /** @return array<string, ListColumn> the columns that somebody chose, in their order */
    public function shown(int $userId): array
    {
        $all = $this->table->columns();
        $shown = [];
        foreach ($this->kept->columns($userId, 'orders') ?? OrderTable::FIRST as $key) {
            isset($all[$key]) ? ($shown[$key] = $all[$key]) : null;
        }

        return $shown === [] ? array_intersect_key($all, array_flip(OrderTable::FIRST)) : $shown;
    }

    /** A cell as a file holds it. */
    public static function plain(ListColumn $column, mixed $value): string
    {
        return match (true) {
            $value === null => '',
            $column->key === 'number' => "W-{$value}",
            $column->kind === 'priority' => (string) (Priority::cases()[(int) $value - 1]->value ?? ''),
            $column->kind === 'money' => Money::plain((int) $value),
            $column->kind === 'number' => rtrim(rtrim((string) $value, '0'), '.'),
            $column->kind === 'yes or no' => $value === '1' ? 'yes' : 'no',
            default => (string) $value,
        };
    }

    /**
     * @param  array<string, ListColumn>  $columns
     * @return array{id: int, stands: string, label: string, cells: array<string, string>}
     */
    private function row(stdClass $row, array $columns): array
    {
        return [
            'id' => (int) $row->id,
            'stands' => (string) $row->stands,
            'label' => (string) ($row->title ?? $row->number ?? $row->id),
            'cells' => array_map(fn (ListColumn $one): string => $this->cell($one, $row->{$one->key}), $columns),
        ];
    }

    private function cell(ListColumn $column, mixed $value): string
    {
        return match (true) {
            $value === null, $value === '' => '',
            $column->kind === 'date' => $this->words->day((string) $value),
            $column->kind === 'instant' => $this->words->instant((string) $value),
            $column->kind === 'minutes' => (int) $value === 0 ? '' : $this->words->minutes((int) $value),
            $column->kind === 'money' => $this->words->money((int) $value),
            default => self::plain($column, $value),
        };
    }

    /** @return array<string, array<string, string>> what can be chosen, by kind: "team=3" => "Fitters A" */
    private function changes(int $siteId): array
    {
        $list = static function (ChangeOfMany $what, iterable $words): array {
            $some = [];
            foreach ($words as $value => $word) {
                $some["{$what->value}={$value}"] = (string) $word;
            }

            return $some;
        };
        $same = static fn (array $words): array => array_combine($words, $words);
        $people = $this->peopleOf->with(Right::WorkOnOwnOrders, $siteId)->pluck('name', 'id')->all();
        $stages = array_map(static fn (Stage $one): string => $one->name, $this->waiting->stages());
        $reasons = array_map(static fn ($one): string => $one->name, $this->waiting->reasons());

        return [
            'team' => $list(ChangeOfMany::Team, $this->people->teams($siteId)->pluck('name', 'id')->all()) +
                ['team=' => 'no team'],
            'person' => $list(ChangeOfMany::Person, $people) + ['person=' => 'nobody'],
            'priority' => $list(ChangeOfMany::Priority, $same(array_column(Priority::cases(), 'value'))),
            'stage' => $list(ChangeOfMany::Stage, $same($stages)) + ['stage=' => 'no stage'],
            'put on hold' => $list(ChangeOfMany::Hold, $same($reasons)),
        ];
    }
}
