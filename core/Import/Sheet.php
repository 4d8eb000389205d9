<?php

declare(strict_types=1);

namespace Sundial\Import;

use Sundial\Support\Csv;
use Sundial\Support\InvalidInput;

/**
 * A file of rows, read as its columns say: every row with its number and the plain values of its cells, and every
 * cell that cannot be
 * read with its row and column. Row 1 is the header; empty rows are passed over.
 *
 * A cell that says nothing is not among the cells, so that it keeps what stands, or is null among them, where empty
 * cells are to clear.
 */
final readonly class Sheet
{
    public const MOST = 20000;

    /** @var array<string, true> row and column of each cell with a problem */
    private array $unread;

    /**
     * @param  list<string>  $header
     * @param  list<Column>  $columns
     * @param  list<array{row: int, cells: array<string, string|null>}>  $rows
     * @param  list<array{row: int, column: string, message: string}>  $problems
     * @param  array<int, list<string>>  $samples  the first values of each column as they stand in the file
     */
    private function __construct(
        public array $header,
        public array $columns,
        public Mapping $mapping,
        public array $rows,
        public array $problems,
        public array $samples,
    ) {
        $cells = array_map(
            static fn (array $problem): string => "{$problem['row']} {$problem['column']}",
            $problems,
        );
        $this->unread = array_fill_keys($cells, true);
    }

    /** Whether a cell could not be read: it is told of already, and is not missed once more. */
    public function isUnread(int $row, string $column): bool
    {
        return isset($this->unread["{$row} {$column}"]);
    }

    /**
     * @param  list<Column>  $columns
     * @param  array<int, string>|null  $chosen  which column of the file holds what; null takes each by its name
     */
    public static function read(string $text, array $columns, CellStyle $style, ?array $chosen = null): self
    {
        [$header, $mapping, $samples] = [[], Mapping::guess([], []), []];
        try {
            $records = Csv::each($text);
            $header = array_map(trim(...), $records->valid() ? $records->current() : []);
            $samples = self::samples($text);
            $mapping =
                $chosen === null ? Mapping::guess($header, $columns) : Mapping::chosen($header, $columns, $chosen);
            $missing = array_column($mapping->missing($columns), 'label');
            if ($missing !== []) {
                throw InvalidInput::because(
                    'no_column',
                    $missing[0],
                    'No column of the file is the '.
                        implode(', nor the ', $missing).
                        '. Choose it under “How the file is read”, or name it in the first line of the file.',
                );
            }
            [$rows, $problems] = self::rows($records, $mapping, $columns, $style);
        } catch (InvalidInput $e) {
            [$rows, $problems] = [
                [],
                [['row' => 1, 'column' => (string) $e->field(), 'message' => $e->getMessage()]],
            ];
        }

        return new self($header, $columns, $mapping, $rows, $problems, $samples);
    }

    /**
     * A sheet of one row that came as fields and not as a file. An empty field clears what stands; one that is not
     * known is refused.
     *
     * @param  list<Column>  $columns
     * @param  array<string, string>  $typed  by column, numbers with a decimal point, days as year-month-day
     */
    public static function ofOne(array $columns, array $typed): self
    {
        $style = CellStyle::of(NumberStyle::Point, DateOrder::YearFirst, EmptyCell::Clear);
        $byKey = array_column($columns, null, 'key');
        [$cells, $problems] = [[], []];
        foreach ($typed as $key => $value) {
            try {
                $unknown = static fn (): InvalidInput => InvalidInput::because(
                    'unknown',
                    (string) $key,
                    "There is no field “{$key}”.",
                );
                $column = $byKey[$key] ?? throw $unknown();
                $cells[$key] = $column->read($value, $style);
            } catch (InvalidInput $e) {
                $problems[] = ['row' => 1, 'column' => (string) $key, 'message' => $e->getMessage()];
            }
        }
        foreach ($columns as $column) {
            if (
                $column->needed &&
                ! isset($cells[$column->key]) &&
                ! in_array($column->key, array_column($problems, 'column'), true)
            ) {
                $problems[] = ['row' => 1, 'column' => $column->key, 'message' => "The {$column->label} is needed."];
            }
        }

        return new self([], $columns, Mapping::guess([], []), [['row' => 1, 'cells' => $cells]], $problems, []);
    }

    /**
     * @param  \Generator<int, list<string>>  $records
     * @param  list<Column>  $columns
     * @return array{list<array{row: int, cells: array<string, string|null>}>, list<array{row: int,
     *     column: string, message: string}>}
     */
    private static function rows(\Generator $records, Mapping $mapping, array $columns, CellStyle $style): array
    {
        $byKey = array_column($columns, null, 'key');
        [$rows, $problems] = [[], []];
        foreach ($records as $i => $cells) {
            if ($i === 0 || trim(implode('', $cells)) === '') {
                continue;
            }
            if (count($rows) === self::MOST) {
                $problems[] = [
                    'row' => $i + 1,
                    'column' => 'file',
                    'message' => 'At most '.self::MOST.' rows are read from one file. Split it.',
                ];
                break;
            }
            $surplus = trim(implode('', array_slice($cells, count($mapping->keys))));
            if ($surplus !== '') {
                $problems[] = [
                    'row' => $i + 1,
                    'column' => 'file',
                    'message' => 'This row has more cells than the first line names: “'.
                        mb_strimwidth($surplus, 0, 40, '…').
                        '” belongs to no column. Is a separator within a text? Then put the text in quotation marks.',
                ];
            }
            $row = ['row' => $i + 1, 'cells' => []];
            foreach ($mapping->keys as $place => $key) {
                if ($key === null) {
                    continue;
                }
                try {
                    $value = $byKey[$key]->read($cells[$place] ?? '', $style);
                    if ($value === null && $byKey[$key]->needed) {
                        throw InvalidInput::because('missing', $key, "Every row needs the {$byKey[$key]->label}.");
                    }
                    if ($value !== null || $style->empty === EmptyCell::Clear) {
                        $row['cells'][$key] = $value;
                    }
                } catch (InvalidInput $e) {
                    $problems[] = ['row' => $i + 1, 'column' => $key, 'message' => $e->getMessage()];
                }
            }
            $rows[] = $row;
        }

        return [
            $rows,
            $rows === []
                ? [['row' => 1, 'column' => 'file', 'message' => 'The file has no row below its header.']]
                : $problems,
        ];
    }

    /** @return array<int, list<string>> */
    private static function samples(string $text): array
    {
        $samples = [];
        foreach (Csv::each($text) as $i => $cells) {
            if ($i > 200) {
                break;
            }
            foreach ($i === 0 ? [] : $cells as $place => $cell) {
                $sample = mb_substr(trim($cell), 0, 40);
                $some = $samples[$place] ?? [];
                if ($sample !== '' && count($some) < 3 && ! in_array($sample, $some, true)) {
                    $samples[$place][] = $sample;
                }
            }
        }

        return $samples;
    }

    /** @return list<string> the columns of the file that are left out */
    public function leftOut(): array
    {
        return array_values(
            array_filter(
                array_intersect_key(
                    $this->header,
                    array_filter($this->mapping->keys, static fn (?string $key): bool => $key === null),
                ),
                static fn (string $name): bool => $name !== '',
            ),
        );
    }
}
