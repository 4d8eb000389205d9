<?php

declare(strict_types=1);

namespace Sundial\Import;

/**
 * What a file would do: the records it would make, those it would change from what to what, those it leaves, and what
 * is refused.
 */
final readonly class Plan
{
    /**
     * @param  list<PlannedRow>  $rows
     * @param  list<array{row: int, column: string, message: string}>  $problems  by row
     */
    private function __construct(public array $rows, public array $problems)
    {
    }

    /**
     * Holds every row against the record that has its key; a row whose key came before is refused.
     *
     * @param  list<array{row: int, cells: array<string, string|null>}>  $sheetRows
     * @param  list<array{row: int, column: string, message: string}>  $problems  what is refused already
     * @param  callable(array<string, string|null>): string  $key of the cells of a row, '' for a row that is
     *     refused already
     * @param  array<string, array{id: int, cells: array<string, string|null>}>  $standing  by key
     * @param  string  $keyColumn  the column to name when two rows have one key
     */
    public static function compare(
        array $sheetRows,
        array $problems,
        callable $key,
        array $standing,
        string $keyColumn,
    ): self {
        [$rows, $seen] = [[], []];
        foreach ($sheetRows as ['row' => $number, 'cells' => $cells]) {
            $of = $key($cells);
            if ($of !== '' && isset($seen[$of])) {
                $problems[] = [
                    'row' => $number,
                    'column' => $keyColumn,
                    'message' => ($cells[$keyColumn] ?? $of)." stands in row {$seen[$of]} already. One row for each.",
                ];

                continue;
            }
            $seen[$of] ??= $number;
            $rows[] = self::row($number, $cells, (string) ($cells[$keyColumn] ?? ''), $standing[$of] ?? null);
        }

        return self::of($rows, $problems);
    }

    /**
     * @param  list<PlannedRow>  $rows
     * @param  list<array{row: int, column: string, message: string}>  $problems
     */
    public static function of(array $rows, array $problems): self
    {
        usort($problems, static fn (array $a, array $b): int => $a['row'] <=> $b['row']);

        return new self($rows, $problems);
    }

    /**
     * The same, with more that is refused.
     *
     * @param  list<array{row: int, column: string, message: string}>  $problems
     */
    public function refusing(array $problems): self
    {
        return self::of($this->rows, [...$this->problems, ...$problems]);
    }

    /**
     * What is refused, with the same reason in the same column said once for all its rows: "5–29, 31".
     *
     * @return list<array{rows: string, count: int, column: string, message: string}> in the order of their first rows
     */
    public function reasons(): array
    {
        $rows = [];
        foreach ($this->problems as $problem) {
            $rows[$problem['column']."\n".$problem['message']][] = $problem['row'];
        }
        $reasons = [];
        foreach ($rows as $key => $some) {
            [$column, $message] = explode("\n", (string) $key, 2);
            $reasons[] = [
                'rows' => self::spans($some),
                'count' => count($some),
                'column' => $column,
                'message' => $message,
            ];
        }

        return $reasons;
    }

    /** @param  list<int>  $rows  in order */
    private static function spans(array $rows): string
    {
        $spans = [];
        foreach ($rows as $row) {
            $last = array_key_last($spans);
            if ($last !== null && $row <= $spans[$last][1] + 1) {
                $spans[$last][1] = $row;
            } else {
                $spans[] = [$row, $row];
            }
        }
        $said = array_map(
            static fn (array $span): string => $span[0] === $span[1] ? (string) $span[0] : "{$span[0]}–{$span[1]}",
            array_slice($spans, 0, 6),
        );

        return implode(', ', $said).(count($spans) > 6 ? ' …' : '');
    }

    /** @return list<PlannedRow> */
    public function that(RowOutcome $does): array
    {
        return array_values(array_filter($this->rows, static fn (PlannedRow $row): bool => $row->does === $does));
    }

    /** How many rows make or change something. */
    public function work(): int
    {
        return count($this->rows) - count($this->that(RowOutcome::Nothing));
    }

    /**
     * @param  array<string, string|null>  $cells
     * @param  array{id: int, cells: array<string, string|null>}|null  $stands
     */
    private static function row(int $number, array $cells, string $label, ?array $stands): PlannedRow
    {
        if ($stands === null) {
            return new PlannedRow($number, RowOutcome::Make, $label, $cells, [], null);
        }
        $changes = [];
        foreach ($cells as $column => $new) {
            $old = $stands['cells'][$column] ?? null;
            if ($old !== $new && array_key_exists($column, $stands['cells'])) {
                $changes[$column] = [$old, $new];
            }
        }

        return new PlannedRow(
            $number,
            $changes === [] ? RowOutcome::Nothing : RowOutcome::Change,
            $label,
            $cells,
            $changes,
            $stands['id'],
        );
    }
}
