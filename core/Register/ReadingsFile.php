<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Support\Csv;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * A file of readings, read and checked as far as the file itself goes: every row with the tag of an asset, a time and a value, and every
 * problem with its row and column.
 *
 * Columns: tag, meter (may be left out where an asset has one meter), at (year-month-day hour:minute, at the site), reading, note. Row 1 is the header.
 */
final readonly class ReadingsFile
{
    public const COLUMNS = ['tag', 'meter', 'at', 'reading', 'note'];

    public const MOST = 1000;

    /**
     * @param  list<array{row: int, tag: string, meter: string, at: string, reading: string, note: string}>  $rows
     * @param  list<array{row: int, column: string, message: string}>  $problems
     */
    private function __construct(public array $rows, public array $problems)
    {
    }

    public static function read(string $text): self
    {
        try {
            $records = Csv::records($text);
            $header = self::header($records[0] ?? []);
        } catch (InvalidInput $e) {
            return new self([], [['row' => 1, 'column' => (string) $e->field(), 'message' => $e->getMessage()]]);
        }
        [$rows, $problems] = [[], []];
        foreach (array_slice($records, 1, null, true) as $line => $cells) {
            if (trim(implode('', $cells)) === '') {
                continue;
            }
            $cell = static fn (string $name): string => in_array($name, $header, true) ? trim($cells[(int) array_search($name, $header, true)] ?? '') : '';
            $row = ['row' => $line + 1, 'tag' => $cell('tag'), 'meter' => $cell('meter'), 'at' => $cell('at'), 'reading' => $cell('reading'), 'note' => $cell('note')];
            $rows[] = $row;
            $problems = [...$problems, ...self::check($row)];
        }
        if ($rows === [] || count($rows) > self::MOST) {
            $problems[] = ['row' => 1, 'column' => 'file', 'message' => $rows === [] ? 'The file has no row below its header.' : 'At most '.self::MOST.' readings are taken from one file; this has '.count($rows).'. Split it.'];
        }

        return new self($rows, $problems);
    }

    /** @param  list<string>  $cells
     * @return list<string> */
    private static function header(array $cells): array
    {
        $header = array_map(static fn (string $name): string => strtolower(trim($name)), $cells);
        foreach (['tag', 'at', 'reading'] as $needed) {
            if (! in_array($needed, $header, true)) {
                throw InvalidInput::because('no_column', $needed, "The first line has no column “{$needed}”. It must name the columns: ".implode(', ', self::COLUMNS).'.');
            }
        }
        foreach ($header as $name) {
            if (! in_array($name, self::COLUMNS, true)) {
                throw InvalidInput::because('unknown_column', $name, "Column “{$name}” is not known. Known columns: ".implode(', ', self::COLUMNS).'.');
            }
        }

        return $header;
    }

    /** @param  array{row: int, tag: string, meter: string, at: string, reading: string, note: string}  $row
     * @return list<array{row: int, column: string, message: string}> */
    private static function check(array $row): array
    {
        $found = [];
        if ($row['tag'] === '') {
            $found['tag'] = 'Every row needs the tag of an asset.';
        }
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})[ T](\d{1,2}):(\d{2})$/D', $row['at'], $part) !== 1 || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1]) || (int) $part[4] > 23 || (int) $part[5] > 59) {
            $found['at'] = "“{$row['at']}” is no time. Write it as 2026-03-18 07:30.";
        }
        try {
            Quantity::parse($row['reading'], 'reading');
        } catch (InvalidInput $e) {
            $found['reading'] = $e->getMessage();
        }
        if (mb_strlen($row['note']) > 250) {
            $found['note'] = 'At most 250 characters.';
        }

        return array_map(static fn (string $column, string $message): array => ['row' => $row['row'], 'column' => $column, 'message' => $message], array_keys($found), $found);
    }
}
