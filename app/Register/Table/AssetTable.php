<?php

declare(strict_types=1);

namespace App\Register\Table;

use App\Platform\Access\Rights;
use App\Register\Models\Field;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Planning\Visit\Nearness;
use Sundial\Register\FieldType;
use Sundial\Support\SundialException;

/** The assets of a site as a table: any facts as columns, sorted by any, filtered by anything. */
final class AssetTable
{
    public const PER_PAGE = 100;

    public const FIRST = ['tag', 'name', 'class', 'stands', 'criticality', 'life', 'nearness', 'due', 'orders'];

    /** @return array<string, Column> all that this person may choose from, by key */
    public function columns(): array
    {
        $columns = [
            new Column('tag', 'tag', 'a.tag'),
            new Column('name', 'name', 'a.name'),
            new Column('class', 'class', 'c.name'),
            new Column('stands', 'stands at or inside', 'COALESCE(p.name, l.name)'),
            new Column('criticality', 'criticality', 'a.criticality'),
            new Column('life', 'life state', 'a.life_state'),
            new Column('nearness', 'nearness', 'n.urgency', 'nearness'),
            new Column('due', 'next visit', 'n.next_due_on', 'date'),
            new Column('orders', 'open orders', 'n.open_orders', 'count'),
            new Column('down', 'down since', 'n.down_since', 'instant'),
            new Column('team', 'team', 't.name'),
            new Column('make', 'make', 'a.make'),
            new Column('model', 'model', 'a.model'),
            new Column('serial', 'serial number', 'a.serial'),
            new Column('since', 'in service since', 'a.in_service_on', 'date'),
            new Column('supplier', 'supplier', 's.name'),
            new Column('centre', 'cost centre', 'k.code'),
            new Column('bought', 'bought on', 'a.purchased_on', 'date'),
            new Column('price', 'purchase price', 'a.purchase_cents', 'money', true),
            new Column('worth', 'replacement value', 'a.replacement_cents', 'money', true),
            new Column('warranty', 'warranty until', 'a.warranty_until', 'date'),
            ...Field::query()
                ->where('retired', false)
                ->orderBy('position')
                ->orderBy('name')
                ->orderBy('id')
                ->get()
                ->map(Column::extra(...))
                ->all(),
        ];
        $seesCosts = Rights::has(Right::SeeCosts);

        return array_column(
            array_filter($columns, static fn (Column $column): bool => $seesCosts || ! $column->costs),
            null,
            'key',
        );
    }

    /**
     * @param  array<string, mixed>  $filter
     * @param  array<string, Column>  $columns  those that are shown
     * @return array{rows: list<\stdClass>, found: int, more: bool}
     */
    public function page(int $siteId, array $filter, array $columns, string $sort, int $page): array
    {
        // Which assets the page holds is asked of narrow rows; what they hold of those few alone.
        $ids = $this->ordered($siteId, $filter, $sort)
            ->offset(($page - 1) * self::PER_PAGE)
            ->limit(self::PER_PAGE + 1)
            ->pluck('a.id')
            ->all();
        $shown = array_slice($ids, 0, self::PER_PAGE);
        $rows = $this->values($columns)->whereIn('a.id', $shown)->get()->keyBy('id');

        return [
            'rows' => array_values(array_map(static fn (mixed $id): object => $rows[$id], $shown)),
            'found' => $this->filtered($siteId, $filter)->count(),
            'more' => count($ids) > self::PER_PAGE,
        ];
    }

    /**
     * @param  array<string, mixed>  $filter
     * @param  array<string, Column>  $columns
     * @return Generator<\stdClass>
     */
    public function all(int $siteId, array $filter, array $columns, string $sort): Generator
    {
        foreach ($this->ordered($siteId, $filter, $sort)->pluck('a.id')->chunk(1000) as $ids) {
            $rows = $this->values($columns)->whereIn('a.id', $ids->all())->get()->keyBy('id');
            foreach ($ids as $id) {
                yield $rows[$id];
            }
        }
    }

    /** How many assets a site has. */
    public function count(int $siteId): int
    {
        return DB::table('asset_summaries')->where('site_id', $siteId)->count();
    }

    /** @param  array<string, mixed>  $filter
     * @return list<int> */
    public function ids(int $siteId, array $filter, int $most): array
    {
        return array_values(
            $this->filtered($siteId, $filter)
                ->orderBy('a.tag')
                ->limit($most)
                ->pluck('a.id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
    }

    /** What the chosen columns hold.
     * @param  array<string, Column>  $columns */
    private function values(array $columns): Builder
    {
        $query = self::named(DB::table('assets as a'))->select('a.id');
        foreach ($columns as $column) {
            self::withField($query, $column)->selectRaw("{$column->from} as `{$column->key}`");
        }

        return $query;
    }

    /** The ids of what is filtered, in order.
     * @param  array<string, mixed>  $filter */
    private function ordered(int $siteId, array $filter, string $sort): Builder
    {
        $all = $this->columns();
        $by = $all[ltrim($sort, '-')] ?? $all['tag'];
        $query = $this->filtered($siteId, $filter)->select('a.id');
        $down = str_starts_with($sort, '-') ? 'desc' : 'asc';
        if ($by->key === 'tag') {
            return $query->orderBy('a.tag', $down);
        }

        return self::withField(self::named($query, $by->sortedBy()), $by)
            ->orderByRaw("{$by->sortedBy()} IS NULL")
            ->orderByRaw("{$by->sortedBy()} {$down}")
            ->orderBy('a.tag')
            ->orderBy('a.id');
    }

    /** The tables that the facts of an asset point to; those alone that an expression speaks of, where one is given. */
    private static function named(Builder $query, string $for = 'n.c.l.p.t.s.k.'): Builder
    {
        $tables = [
            'n' => ['asset_summaries', 'n.asset_id', 'a.id'],
            'c' => ['equipment_classes', 'c.id', 'a.class_id'],
            'l' => ['locations', 'l.id', 'a.location_id'],
            'p' => ['assets', 'p.id', 'a.parent_id'],
            't' => ['teams', 't.id', 'a.team_id'],
            's' => ['suppliers', 's.id', 'a.supplier_id'],
            'k' => ['cost_centres', 'k.id', 'a.cost_centre_id'],
        ];
        foreach ($tables as $alias => [$table, $key, $of]) {
            if (preg_match("/(?<![a-z0-9]){$alias}\\./", $for) === 1) {
                $query->leftJoin("{$table} as {$alias}", $key, '=', $of);
            }
        }

        return $query;
    }

    private static function withField(Builder $query, Column $column): Builder
    {
        $id = $column->field?->id;

        return $id === null
            ? $query
            : $query->leftJoin(
                "extra_values as x{$id}",
                static fn ($join) => $join->on("x{$id}.asset_id", '=', 'a.id')->where("x{$id}.field_id", $id),
            );
    }

    /** @param  array<string, mixed>  $filter */
    private function filtered(int $siteId, array $filter): Builder
    {
        $query = DB::table('assets as a')->where('a.site_id', $siteId);
        $word = static fn (string $key): ?string => is_string($filter[$key] ?? null) && $filter[$key] !== ''
            ? $filter[$key]
            : null;
        if ($word('q') !== null) {
            $query->where('a.search', 'like', '%'.addcslashes((string) $word('q'), '%_\\').'%');
        }
        foreach (
            [
                'class' => 'a.class_id',
                'team' => 'a.team_id',
                'supplier' => 'a.supplier_id',
                'centre' => 'a.cost_centre_id',
                'criticality' => 'a.criticality',
                'life' => 'a.life_state',
            ] as $key => $column
        ) {
            if ($word($key) !== null) {
                $query->where($column, $word($key));
            }
        }
        if ($word('near') !== null) {
            $near = DB::table('asset_summaries')->where('site_id', $siteId)->select('asset_id');
            $query->whereIn(
                'a.id',
                $word('near') === 'down'
                    ? $near->whereNotNull('down_since')
                    : $near->where(
                        'urgency',
                        Nearness::tryFrom((string) $word('near'))?->rank() ?? Nearness::NO_RANK,
                    ),
            );
        }
        if ($word('place') !== null && ctype_digit((string) $word('place'))) {
            $query->where(
                'a.path',
                'like',
                DB::table('locations')->where('site_id', $siteId)->where('id', (int) $word('place'))->value('path').
                    '%',
            );
        }
        if ($word('expiry') !== null && preg_match('/^\d{4}-\d{2}-\d{2}$/D', (string) $word('expiry')) === 1) {
            $query->whereIn(
                'a.id',
                DB::table('expiry_dates')
                    ->where('kind', 'asset')
                    ->whereNull('ended_at')
                    ->where('until', '<=', $word('expiry'))
                    ->select('subject_id'),
            );
        }
        $extra = is_array($filter['x'] ?? null) ? $filter['x'] : [];
        foreach ($extra === [] ? [] : Field::query()->whereIn('id', array_keys($extra))->get() as $field) {
            if ($field->type === FieldType::Money && ! Rights::has(Right::SeeCosts)) {
                continue;
            }
            $this->byField($query, $field, $extra[$field->id]);
        }

        return $query;
    }

    /**
     * Words by what they hold; numbers, money and dates from and to; the rest as it is. A bound that cannot be read
     * bounds nothing.
     */
    private function byField(Builder $query, Field $field, mixed $given): void
    {
        $values = static fn (callable $which) => $query->whereIn(
            'a.id',
            $which(DB::table('extra_values')->where('field_id', $field->id))->select('asset_id'),
        );
        if (is_string($given) && trim($given) !== '' && ! $field->type->isOrdered()) {
            $exact = in_array($field->type, [FieldType::Choice, FieldType::YesNo], true);
            $values(
                static fn (Builder $any) => $exact
                    ? $any->where(
                        'value',
                        $field->type === FieldType::YesNo ? ($given === 'yes' ? '1' : '0') : $given,
                    )
                    : $any->where('value', 'like', '%'.addcslashes(trim($given), '%_\\').'%'),
            );
        }
        foreach (
            is_array($given) && $field->type->isOrdered() ? ['min' => '>=', 'max' => '<='] : [] as $end => $side
        ) {
            try {
                $plain =
                    is_string($given[$end] ?? null) && trim($given[$end]) !== ''
                        ? $field->rule()->read($given[$end], $end)
                        : null;
            } catch (SundialException) {
                $plain = null;
            }
            if ($plain !== null) {
                $values(static fn (Builder $any) => $any->where('size', $side, $field->rule()->size($plain)));
            }
        }
    }
}
