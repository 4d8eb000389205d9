<?php

declare(strict_types=1);

namespace Sundial\Import;

/** One row of a file beside what stands. */
final readonly class PlannedRow
{
    /**
     * @param  array<string, string|null>  $cells  plain values by column
     * @param  array<string, array{string|null, string|null}>  $changes  old and new by column, for a record that stands
     */
    public function __construct(
        public int $row,
        public RowOutcome $does,
        public string $label,
        public array $cells,
        public array $changes,
        public ?int $id,
    ) {
    }
}
