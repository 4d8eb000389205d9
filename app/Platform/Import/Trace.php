<?php

declare(strict_types=1);

namespace App\Platform\Import;

use Closure;
use Illuminate\Validation\ValidationException;
use Sundial\Import\PlannedRow;
use Sundial\Support\SundialException;

/**
 * What a file did to the records, one by one, so that it can be taken back; and what had to be refused while it was
 * done.
 */
final class Trace
{
    /**
     * @var list<array{kind: string, id: int, did: string, before: array<string, string|null>,
     *     after: array<string, string|null>}>
     */
    public array $did = [];

    /** @var list<array{row: int, column: string, message: string}> */
    public array $refused = [];

    private int $steps = 0;

    /** @param  Closure(int): void|null  $progress  told after so many rows */
    public function __construct(private readonly ?Closure $progress = null)
    {
    }

    public function made(string $kind, int $id): void
    {
        $this->did[] = ['kind' => $kind, 'id' => $id, 'did' => 'made', 'before' => [], 'after' => []];
    }

    /**
     * @param  array<string, string|null>  $before  plain values by column
     * @param  array<string, string|null>  $after
     */
    public function changed(string $kind, int $id, array $before, array $after): void
    {
        $this->did[] = ['kind' => $kind, 'id' => $id, 'did' => 'changed', 'before' => $before, 'after' => $after];
    }

    /** A record was changed as its row says. */
    public function changedBy(PlannedRow $row, string $kind, int $id): void
    {
        $this->changed(
            $kind,
            $id,
            array_map(static fn (array $change): ?string => $change[0], $row->changes),
            array_map(static fn (array $change): ?string => $change[1], $row->changes),
        );
    }

    /**
     * Does what one row asks for; what an action refuses is kept with the row and the column.
     *
     * @param  Closure(): mixed  $do
     * @param  array<string, string>  $columns  by the field that an action names
     */
    public function attempt(PlannedRow $row, Closure $do, array $columns = []): void
    {
        try {
            $do();
        } catch (ValidationException|SundialException $e) {
            $field =
                $e instanceof ValidationException ? (string) array_key_first($e->errors()) : (string) $e->field();
            $this->refuse($row->row, $columns[$field] ?? $field, $e->getMessage());
        }
        $this->step();
    }

    /**
     * What a record gets back: the old values of those columns that still hold what the file put there.
     *
     * @param  array{before: array<string, string|null>, after: array<string, string|null>}  $line
     * @param  array<string, string|null>  $now
     * @return array<string, string|null>
     */
    public static function back(array $line, array $now): array
    {
        return array_filter(
            $line['before'],
            static fn (string $column): bool => array_key_exists($column, $now) &&
                $now[$column] === $line['after'][$column],
            ARRAY_FILTER_USE_KEY,
        );
    }

    public function refuse(int $row, string $column, string $message): void
    {
        $this->refused[] = ['row' => $row, 'column' => $column, 'message' => $message];
    }

    /** So many rows are through. */
    public function step(int $rows = 1): void
    {
        $before = intdiv($this->steps, 50);
        $this->steps += $rows;
        if ($this->progress !== null && intdiv($this->steps, 50) > $before) {
            ($this->progress)($this->steps);
        }
    }
}
