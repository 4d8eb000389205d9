<?php

declare(strict_types=1);

namespace App\Work\Table;

use App\People\Models\User;
use App\Platform\Access\Rights;
use App\Platform\Fields\FieldsOf;
use App\Platform\Fields\RecordField;
use App\Platform\Lists\Capped;
use App\Platform\Lists\ListColumn;
use App\Work\Inputs\OrderSlice;
use App\Work\Queries\OrderIndex;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Sundial\Access\Right;
use Sundial\Register\FieldType;

/** The orders of a site as a table: chosen columns, sorted by any, narrowed as the list is. */
final readonly class OrderTable
{
    public const PER_PAGE = 100;

    public const FIRST = ['number', 'title', 'on', 'state', 'priority', 'due', 'late', 'who', 'hours'];

    /** So many are sorted by anything; more of them by their number, which an index holds. */
    public const SORTED = 20000;

    public function __construct(private OrderIndex $index, private FieldsOf $fields)
    {
    }

    /** @return array<string, ListColumn> all that this person may choose from, by key */
    public function columns(): array
    {
        $rank = "FIELD(o.priority, 'routine', 'soon', 'urgent', 'emergency')";
        $short = "(SELECT NULLIF(COUNT(*), 0) FROM part_claims k WHERE k.subject_kind = 'order' ".
            'AND k.subject_id = o.id AND k.is_lacking = 1)';
        $columns = [
            new ListColumn('number', 'order', 'o.number'),
            new ListColumn('title', 'title', 'o.title'),
            new ListColumn('on', 'on', 'COALESCE(a.tag, l.tag)'),
            new ListColumn('name', 'its name', 'COALESCE(a.name, l.name)'),
            new ListColumn('class', 'class', 'c.name'),
            new ListColumn('state', 'state', 'o.state'),
            new ListColumn('stage', 'stage', 'o.stage'),
            new ListColumn('hold', 'held for', 'o.hold_reason'),
            new ListColumn('look', 'look again', 'o.look_again_on', 'date'),
            new ListColumn('since', 'stands there since', 'o.since_at', 'instant'),
            new ListColumn('type', 'type', 'o.type'),
            new ListColumn('priority', 'priority', $rank, 'priority'),
            new ListColumn('due', 'due', 'o.due_on', 'date'),
            new ListColumn('planned', 'planned for', 'o.planned_on', 'date'),
            new ListColumn('late', 'days late', 'IF(o.open_due_on < ?, DATEDIFF(?, o.due_on), NULL)', 'count'),
            new ListColumn('team', 'team', 't.name'),
            new ListColumn('who', 'who', 'COALESCE(u.name, t.name)'),
            new ListColumn('hours', 'hours planned', 'o.planned_minutes', 'minutes'),
            new ListColumn('short', 'parts short', $short, 'count'),
            new ListColumn('cost', 'cost', 'o.booked_cents', 'money', true),
            new ListColumn('raised', 'raised by', 'o.raised_who'),
            new ListColumn('made', 'made', 'o.created_at', 'instant'),
            new ListColumn('finished', 'finished', 'o.finished_at', 'instant'),
            ...$this->fields->all('order')->map(self::extra(...))->all(),
        ];
        $sees = Rights::has(Right::SeeCosts);

        return array_column(
            array_filter($columns, static fn (ListColumn $one): bool => $sees || ! $one->costs),
            null,
            'key',
        );
    }

    /**
     * @param  array<string, ListColumn>  $columns  those that are shown
     * @return array{rows: list<stdClass>, found: int, more: bool, sorted: bool}
     */
    public function page(int $siteId, User $person, OrderSlice $slice, array $columns, string $sort, int $page): array
    {
        $narrowed = $this->index->narrowed($siteId, $person, $slice->filter);
        $found = Capped::count($narrowed->toBase(), self::SORTED + 1);
        $ids = $this->ordered($narrowed->toBase(), $slice, $found > self::SORTED ? '-number' : $sort)
            ->offset(($page - 1) * self::PER_PAGE)
            ->limit(self::PER_PAGE + 1)
            ->pluck('id')
            ->all();
        $shown = array_slice($ids, 0, self::PER_PAGE);
        $rows = $this->values($slice, $columns)->whereIn('o.id', $shown)->get()->keyBy('id');

        return [
            'rows' => array_values(array_map(static fn (mixed $id): object => $rows[$id], $shown)),
            'found' => $found,
            'more' => count($ids) > self::PER_PAGE,
            'sorted' => $found <= self::SORTED,
        ];
    }

    /**
     * @param  array<string, ListColumn>  $columns
     * @return Generator<stdClass>
     */
    public function all(int $siteId, User $person, OrderSlice $slice, array $columns, string $sort): Generator
    {
        $narrowed = $this->index->narrowed($siteId, $person, $slice->filter)->toBase();
        foreach ($this->ordered($narrowed, $slice, $sort)->pluck('id')->chunk(1000) as $ids) {
            $rows = $this->values($slice, $columns)->whereIn('o.id', $ids->all())->get()->keyBy('id');
            foreach ($ids as $id) {
                yield $rows[$id];
            }
        }
    }

    /** @return list<int> all that is narrowed to, so many at the most */
    public function ids(int $siteId, User $person, OrderSlice $slice, int $most): array
    {
        return array_values(
            $this->index
                ->narrowed($siteId, $person, $slice->filter)
                ->orderBy('number')
                ->limit($most)
                ->pluck('id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }

    /** @param  array<string, ListColumn>  $columns */
    private function values(OrderSlice $slice, array $columns): Builder
    {
        $query = self::named(DB::table('work_orders as o'))->select(['o.id', 'o.state as stands']);
        foreach ($columns as $column) {
            $query->selectRaw("{$column->from} as `{$column->key}`", self::days($column, $slice));
        }

        return $query;
    }

    private function ordered(Builder $narrowed, OrderSlice $slice, string $sort): Builder
    {
        $by = $this->columns()[ltrim($sort, '-')] ?? $this->columns()['number'];
        $way = str_starts_with($sort, '-') ? 'desc' : 'asc';
        // In the order of their numbers they are found by an index, and none is looked at twice.
        if ($by->key === 'number') {
            return $narrowed->select('work_orders.id')->orderBy('work_orders.number', $way);
        }
        // Open ones stand in an index by their day; those without one come last there too.
        if ($sort === 'due' && ($slice->filter['state'] ?? 'open') === 'open') {
            return $narrowed->select('work_orders.id')->orderBy('open_due_on')->orderBy('work_orders.number');
        }
        $query = DB::table('work_orders as o')->whereIn('o.id', $narrowed->select('work_orders.id'))->select('o.id');

        return (preg_match('/\b[alctu]\./', $by->from) === 1 ? self::named($query) : $query)
            ->orderByRaw("({$by->from}) IS NULL", self::days($by, $slice))
            ->orderByRaw("{$by->from} {$way}", self::days($by, $slice))
            ->orderBy('o.number');
    }

    /** @return list<string> today, as often as a column asks for it */
    private static function days(ListColumn $column, OrderSlice $slice): array
    {
        return array_fill(0, substr_count($column->from, '?'), (string) $slice->filter['today']);
    }

    /** A field of the plant's own; sorted by size where it has one. */
    private static function extra(RecordField $field): ListColumn
    {
        $value = "(SELECT v.value FROM record_values v WHERE v.subject_id = o.id AND v.field_id = {$field->id})";
        $isNumber = in_array($field->type, [FieldType::Number, FieldType::Money], true);

        return new ListColumn(
            "x{$field->id}",
            $field->label(),
            $isNumber ? "CAST({$value} AS DECIMAL(20, 3))" : $value,
            match ($field->type) {
                FieldType::Date => 'date',
                FieldType::Money => 'money',
                FieldType::Number => 'number',
                FieldType::YesNo => 'yes or no',
                default => 'text',
            },
        );
    }

    private static function named(Builder $query): Builder
    {
        return $query
            ->leftJoin('assets as a', 'a.id', '=', 'o.asset_id')
            ->leftJoin('locations as l', 'l.id', '=', 'o.location_id')
            ->leftJoin('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->leftJoin('teams as t', 't.id', '=', 'o.team_id')
            ->leftJoin('users as u', 'u.id', '=', 'o.assignee_id');
    }
}
