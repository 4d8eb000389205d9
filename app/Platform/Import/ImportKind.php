<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;
use Sundial\Access\Right;
use Sundial\Import\Column;
use Sundial\Import\Plan;
use Sundial\Import\Sheet;

/**
 * Records that a capability takes in and gives out as files: what their columns are, what a file would do, and how it
 * is done and taken back.
 */
interface ImportKind
{
    /** Ends what is said about those kinds of which it is true. */
    public const CHANGES = ' A row that stands already is changed where the file says otherwise.';

    /** The word in its address. */
    public function key(): string;

    public function title(): string;

    /** What a row is, by what it is known again, and what becomes of one that stands already. */
    public function about(): string;

    public function right(): Right;

    /** Where its records are looked at. */
    public function href(): string;

    /** @return list<Column> */
    public function columns(int $siteId): array;

    /** @return list<array<string, string>> a few made-up rows for the template, by column */
    public function examples(): array;

    /** What a file would do, beside what stands. Changes nothing. */
    public function plan(int $siteId, Sheet $sheet): Plan;

    /** Whether only doing it tells what would be refused: the check then does it and takes it back. */
    public function isTried(): bool;

    /** Does what was planned, in the transaction of the caller; what it must refuse after all it tells the trace. */
    public function load(Actor $by, int $siteId, Plan $plan, Trace $trace): void;

    /**
     * Takes back what a file did, the last first: what it made goes, what it changed holds again what it held, where
     * nobody changed it since.
     *
     * @param list<array{kind: string, id: int, did: string, before: array<string, string|null>,
     *     after: array<string, string|null>}> $did
     *
     * @throws \Sundial\Support\SundialException when something that was made is in use
     */
    public function takeBack(Actor $by, int $siteId, array $did): void;

    /**
     * @return iterable<array<string, string|null>> what stands, as plain values by column, so that a file of it
     *     can be loaded again
     */
    public function standing(int $siteId): iterable;
}
