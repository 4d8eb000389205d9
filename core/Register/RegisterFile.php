<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\PlannedRow;
use Sundial\Import\Sheet;

/**
 * The rules of a file of locations and assets, beside what stands in the register: a row whose tag stands changes
 * what it names, any
 * other makes a location or an asset. What would be made or moved comes in an order in which each parent is before
 * what stands in it.
 */
final readonly class RegisterFile
{
    private const OF_LOCATIONS = ['kind', 'tag', 'name', 'parent'];

    /**
     * @param array<string, array{id: int, kind: string, tag: string, in: string|null, cells: array<string,
     *     string|null>}> $standing
     * @param  array<string, array{class: string|null, needed: bool}>  $fields
     * @param  array<string, string>  $classes */
    private function __construct(private array $standing, private array $fields, private array $classes)
    {
    }

    /**
     * @param  list<string>  $teams
     * @param  list<string>  $suppliers
     * @param  list<string>  $centres
     * @param  array<string, ExtraField>  $fields  by the key of their column
     * @return list<Column>
     */
    public static function columns(array $teams, array $suppliers, array $centres, array $fields): array
    {
        $columns = [
            Column::choice('kind', ['location', 'asset']),
            Column::text('tag', 40)->needed()->saying('by which the row is known again'),
            Column::text('name', 100)->saying('a new row needs it'),
            Column::text('class', 60)->saying('a new asset needs it'),
            Column::text('place', 40)->saying('the tag of the location at which an asset stands'),
            Column::text('parent', 40)->saying(
                'instead, the tag of the asset that it is a part of; for a location, of the location around it',
            ),
            Column::text('make', 80),
            Column::text('model', 80),
            Column::text('serial', 80, 'serial number'),
            Column::choice('criticality', Criticality::letters()),
            Column::choice('life_state', array_column(LifeState::cases(), 'value')),
            Column::of('in_service_on', CellKind::Date),
            Column::choice('team', $teams)->saying('others are added under Setup, Teams'),
            Column::choice('supplier', $suppliers)->saying(
                'others are added under Suppliers, or from a file of their own',
            ),
            Column::choice('cost_centre', $centres)->saying('others are added under Setup, Cost centres'),
            Column::of('purchased_on', CellKind::Date),
            Column::of('purchase_price', CellKind::Money),
            Column::of('replacement_value', CellKind::Money),
            Column::of('warranty_until', CellKind::Date),
            Column::text('notes', 5000),
        ];
        foreach ($fields as $key => $field) {
            $columns[] = Column::extra($key, $field);
        }

        return $columns;
    }

    /**
     * @param array<string, array{id: int, kind: string, tag: string, in: string|null, cells: array<string,
     *     string|null>}> $standing by the tag in lower case; "in": the tag, in lower case, of what it stands in
     * @param  array<string, array{class: string|null, needed: bool}>  $fields by the key of their column: for
     *     which class, and whether a new asset needs it
     * @param  list<string>  $classes  those that are known
     */
    public static function plan(Sheet $sheet, array $standing, array $fields = [], array $classes = []): Plan
    {
        return (new self($standing, $fields, array_combine(array_map(self::key(...), $classes), $classes)))->planned(
            $sheet,
        );
    }

    /** Tags and names are the same whatever their capitals. */
    public static function key(?string $name): string
    {
        return mb_strtolower(trim((string) $name));
    }

    private function planned(Sheet $sheet): Plan
    {
        [$rows, $classes, $inFile] = [[], $this->classes, []];
        foreach ($sheet->rows as ['row' => $number, 'cells' => $cells]) {
            $cells['kind'] ??=
                $this->standing[self::key($cells['tag'] ?? null)]['kind'] ??
                (isset($cells['class']) ? 'asset' : 'location');
            if (isset($cells['class'])) {
                $cells['class'] = $classes[self::key($cells['class'])] ??= $cells['class'];
            }
            foreach (['place', 'parent'] as $column) {
                if (isset($cells[$column])) {
                    $cells[$column] = $this->standing[self::key($cells[$column])]['tag'] ?? $cells[$column];
                }
            }
            if ($cells['kind'] === 'asset' && isset($cells['place']) !== isset($cells['parent'])) {
                // Who stands at a place stands in no parent, and the other way round.
                $cells += ['place' => null, 'parent' => null];
            }
            $rows[] = ['row' => $number, 'cells' => $cells];
            $inFile[self::key($cells['tag'] ?? null)] ??= $cells;
        }
        $plan = Plan::compare(
            $rows,
            $sheet->problems,
            static fn (array $cells): string => self::key($cells['tag'] ?? null),
            $this->standing,
            'tag',
        );
        $found = [];
        foreach ($plan->rows as $row) {
            foreach ($this->wrong($row, $inFile) as $column => $message) {
                if (! $sheet->isUnread($row->row, $column)) {
                    $found[] = ['row' => $row->row, 'column' => $column, 'message' => $message];
                }
            }
        }
        [$depths, $looped] = $this->depths($inFile, $plan->rows);
        foreach ($looped as $row) {
            $found[] = [
                'row' => $row->row,
                'column' => 'parent',
                'message' => "{$row->cells['tag']} would stand inside itself, by way of its parents. Give one of ".
                    'them another parent.',
            ];
        }
        $ordered = $plan->rows;
        usort(
            $ordered,
            static fn (PlannedRow $a, PlannedRow $b): int => [
                $a->cells['kind'] === 'asset',
                $depths[self::key($a->cells['tag'] ?? null)] ?? 0,
                $a->row,
            ] <=> [$b->cells['kind'] === 'asset', $depths[self::key($b->cells['tag'] ?? null)] ?? 0, $b->row],
        );

        return Plan::of($ordered, [...$plan->problems, ...$found]);
    }

    /**
     * @param  array<string, array<string, string|null>>  $inFile
     * @return array<string, string> what is wrong, by column
     */
    private function wrong(PlannedRow $row, array $inFile): array
    {
        $stands = $this->standing[self::key($row->cells['tag'] ?? null)] ?? null;
        $found = [];
        if (($row->cells['name'] ?? null) === null && ($stands === null || array_key_exists('name', $row->cells))) {
            $found['name'] = 'Every row needs a name.';
        }
        if ($stands === null && preg_match('/\s/u', (string) ($row->cells['tag'] ?? '')) === 1) {
            $found['tag'] = 'A tag is written without spaces, such as LM-14.';
        }
        if ($stands !== null && $row->cells['kind'] !== $stands['kind']) {
            return $found + [
                'kind' => "{$stands['tag']} is ".
                    ($stands['kind'] === 'asset' ? 'an asset' : 'a location').
                    ' of the register already; a tag stands for one thing in a site.',
            ];
        }

        return $found +
            ($row->cells['kind'] === 'asset' ? $this->wrongAsset($row, $stands) : $this->wrongLocation($row)) +
            $this->wrongPlace($row, $stands, $inFile);
    }

    /** @return array<string, string> */
    private function wrongLocation(PlannedRow $row): array
    {
        foreach ($row->cells as $column => $value) {
            if ($value !== null && ! in_array($column, self::OF_LOCATIONS, true)) {
                return [
                    $column => $column === 'place'
                            ? 'A location stands in another by its parent; leave the place empty.'
                            : 'A location has no such thing; leave it empty, or make the row an asset.',
                ];
            }
        }

        return [];
    }

    /**
     * @param array{id: int, kind: string, tag: string, in: string|null,
     *     cells: array<string, string|null>}|null $stands
     * @return array<string, string>
     */
    private function wrongAsset(PlannedRow $row, ?array $stands): array
    {
        $found = [];
        if (
            ($row->cells['class'] ?? null) === null &&
            ($stands === null || array_key_exists('class', $row->cells))
        ) {
            $found['class'] = 'An asset needs an equipment class.';
        }
        [$was, $becomes] = $row->changes['life_state'] ?? [null, null];
        if ($stands !== null && ($was === 'retired' || $becomes === 'retired') && $was !== $becomes) {
            $found['life_state'] =
                $becomes === 'retired'
                    ? "Retire {$stands['tag']} on its own sheet, which shows what is still open on it."
                    : "{$stands['tag']} is retired. Bring it back on its own sheet first.";
        }
        $class = self::key($row->cells['class'] ?? ($stands['cells']['class'] ?? null));
        foreach ($this->fields as $key => $field) {
            $value = $row->cells[$key] ?? null;
            $isAsked = $field['class'] === null || self::key($field['class']) === $class;
            if ($value !== null && ! $isAsked) {
                $found[$key] = "This field is for the class {$field['class']} only; leave it empty.";
            }
            if (
                $isAsked &&
                $field['needed'] &&
                $value === null &&
                ($stands === null || array_key_exists($key, $row->cells))
            ) {
                $found[$key] = 'This field is needed.';
            }
        }

        return $found;
    }

    /**
     * @param array{id: int, kind: string, tag: string, in: string|null,
     *     cells: array<string, string|null>}|null $stands
     * @param  array<string, array<string, string|null>>  $inFile
     * @return array<string, string>
     */
    private function wrongPlace(PlannedRow $row, ?array $stands, array $inFile): array
    {
        foreach (['place' => 'location', 'parent' => $row->cells['kind']] as $column => $kind) {
            $named = $row->cells[$column] ?? null;
            $is =
                $named === null
                    ? $kind
                    : $this->standing[self::key($named)]['kind'] ?? ($inFile[self::key($named)]['kind'] ?? null);
            if ($is !== $kind) {
                return [
                    $column => $is === null
                            ? "There is no {$kind} with the tag {$named}, in the register or in this file."
                            : "{$named} is no {$kind}.",
                ];
            }
        }
        [$place, $parent] = [$row->cells['place'] ?? null, $row->cells['parent'] ?? null];
        $says = array_key_exists('place', $row->cells) || array_key_exists('parent', $row->cells);

        return match (true) {
            $row->cells['kind'] === 'location' => [],
            $place !== null && $parent !== null => [
                'parent' => 'Name the place or the parent, not both: a part stands where its parent stands.',
            ],
            $place === null && $parent === null && ($stands === null || $says) => [
                'place' => 'An asset stands at a place or inside a parent; this row names neither.',
            ],
            default => [],
        };
    }

    /**
     * How deep each row will stand, once all of them stand where the file puts them.
     *
     * @param  array<string, array<string, string|null>>  $inFile
     * @param  list<PlannedRow>  $rows
     * @return array{array<string, int>, list<PlannedRow>} depths by tag, and the rows that would stand inside
     *     themselves
     */
    private function depths(array $inFile, array $rows): array
    {
        $over = fn (string $tag): string => match (true) {
            isset($inFile[$tag]['parent']) || isset($inFile[$tag]['place']) => self::key(
                $inFile[$tag]['parent'] ?? $inFile[$tag]['place'],
            ),
            array_key_exists('parent', $inFile[$tag] ?? []) => '',
            default => (string) ($this->standing[$tag]['in'] ?? ''),
        };
        [$depths, $looped] = [[], []];
        foreach ($rows as $row) {
            $way = [];
            $self = self::key($row->cells['tag'] ?? null);
            for ($tag = $self; $tag !== '' && ! isset($depths[$tag]) && ! isset($way[$tag]); $tag = $over($tag)) {
                $way[$tag] = true;
            }
            if ($tag === $self && isset($way[$self])) {
                $looped[] = $row;
            }
            // What hangs on a loop is not itself in it; its depth no longer matters, since nothing will be loaded.
            $depth = isset($way[$tag]) ? 0 : $depths[$tag] ?? -1;
            foreach (isset($way[$tag]) ? [] : array_reverse(array_keys($way)) as $below) {
                $depths[(string) $below] = ++$depth;
            }
        }

        return [$depths, $looped];
    }
}
