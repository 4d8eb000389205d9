<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Calendar\LocalDate;
use Sundial\Support\Csv;
use Sundial\Support\InvalidInput;

/**
 * A register file read and checked: locations and assets in an order in which each parent comes before what stands in it,
 * and every problem with its row and column.
 *
 * Columns: kind (location or asset; without it, rows with a class are assets), tag, name, class, place, parent, make, model, serial,
 * criticality, life_state, in_service_on. Comma or semicolon, with or without a byte-order mark. Row 1 is the header.
 */
final readonly class RegisterFile
{
    public const COLUMNS = ['kind', 'tag', 'name', 'class', 'place', 'parent', 'make', 'model', 'serial', 'criticality', 'life_state', 'in_service_on'];

    private const LENGTHS = ['tag' => 40, 'name' => 100, 'class' => 60, 'make' => 80, 'model' => 80, 'serial' => 80];

    /**
     * @param  list<array<string, string>>  $rows  each with its line number under "row"
     * @param  list<array{row: int, column: string, message: string}>  $problems
     */
    private function __construct(public array $rows, public array $problems)
    {
    }

    /**
     * @param  array<string, string>  $standing  what stands in the register already: "location" or "asset" by tag
     */
    public static function read(string $text, array $standing): self
    {
        try {
            $rows = self::parse($text);
        } catch (InvalidInput $e) {
            return new self([], [['row' => 1, 'column' => (string) $e->field(), 'message' => $e->getMessage()]]);
        }
        $kinds = $standing;
        $problems = [];
        foreach ($rows as $row) {
            $problems = [...$problems, ...self::checkRow($row, $kinds)];
            $kinds[$row['tag']] ??= $row['kind'];
        }
        foreach ($rows as $row) {
            $problems = [...$problems, ...self::checkPlace($row, $kinds)];
        }
        [$ordered, $looped] = self::parentsFirst($rows);
        foreach ($looped as $row) {
            $problems[] = ['row' => (int) $row['row'], 'column' => 'parent', 'message' => "{$row['tag']} stands inside itself, by way of its parents. Give one of them another parent."];
        }
        usort($problems, static fn (array $a, array $b): int => $a['row'] <=> $b['row']);

        return new self($ordered, $problems);
    }

    /** @return list<array<string, string>> */
    public function ofKind(string $kind): array
    {
        return array_values(array_filter($this->rows, static fn (array $row): bool => $row['kind'] === $kind));
    }

    /** @return list<array<string, string>> */
    private static function parse(string $text): array
    {
        $lines = Csv::records($text);
        $header = array_map(static fn (string $name): string => str_replace(' ', '_', strtolower(trim($name))), $lines[0] ?? []);
        foreach (['tag', 'name'] as $needed) {
            if (! in_array($needed, $header, true)) {
                throw InvalidInput::because('no_column', $needed, "The first line has no column “{$needed}”. It must name the columns: ".implode(', ', self::COLUMNS).'.');
            }
        }
        foreach ($header as $name) {
            if (! in_array($name, self::COLUMNS, true)) {
                throw InvalidInput::because('unknown_column', $name, "Column “{$name}” is not known. Known columns: ".implode(', ', self::COLUMNS).'.');
            }
        }
        $rows = self::rows($header, $lines);

        return $rows !== [] ? $rows : throw InvalidInput::because('empty', 'file', 'The file has no row below its header.');
    }

    /**
     * @param  list<string>  $header
     * @param  array<int, list<string>>  $lines
     * @return list<array<string, string>>
     */
    private static function rows(array $header, array $lines): array
    {
        $rows = [];
        foreach ($lines as $number => $cells) {
            if ($number === 0 || trim(implode('', $cells)) === '') {
                continue;
            }
            $row = array_fill_keys(self::COLUMNS, '');
            foreach ($header as $i => $name) {
                $row[$name] = trim($cells[$i] ?? '');
            }
            $row['row'] = (string) ($number + 1);
            $row['kind'] = $row['kind'] === '' ? ($row['class'] === '' ? 'location' : 'asset') : strtolower($row['kind']);
            $row['criticality'] = strtoupper($row['criticality']);
            $row['life_state'] = strtolower($row['life_state']);
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, string>  $kinds
     * @return list<array{row: int, column: string, message: string}>
     */
    private static function checkRow(array $row, array $kinds): array
    {
        $found = [];
        foreach (self::LENGTHS as $column => $most) {
            if (mb_strlen($row[$column]) > $most) {
                $found[$column] = "At most {$most} characters; this has ".mb_strlen($row[$column]).'.';
            }
        }
        foreach (['tag', 'name'] as $column) {
            if ($row[$column] === '') {
                $found[$column] = "Every row needs a {$column}.";
            }
        }
        if (! in_array($row['kind'], ['location', 'asset'], true)) {
            $found['kind'] = "“{$row['kind']}” is neither location nor asset.";
        }
        if ($row['tag'] !== '' && isset($kinds[$row['tag']])) {
            $found['tag'] = "The tag {$row['tag']} is taken, in the register or in a row above. Tags are unique in a site.";
        }
        $found += $row['kind'] === 'asset' ? self::checkAsset($row) : [];

        return array_map(static fn (string $column, string $message): array => ['row' => (int) $row['row'], 'column' => $column, 'message' => $message], array_keys($found), $found);
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, string>
     */
    private static function checkAsset(array $row): array
    {
        $found = [];
        if ($row['class'] === '') {
            $found['class'] = 'An asset needs an equipment class.';
        }
        if (! in_array($row['criticality'], ['', 'A', 'B', 'C'], true)) {
            $found['criticality'] = "“{$row['criticality']}” is no criticality. Write A, B or C.";
        }
        if ($row['life_state'] !== '' && LifeState::tryFrom($row['life_state']) === null) {
            $found['life_state'] = "“{$row['life_state']}” is no life state. Write in service, standby, out of service or retired.";
        }
        if ($row['in_service_on'] !== '') {
            try {
                LocalDate::parse($row['in_service_on']);
            } catch (InvalidInput $e) {
                $found['in_service_on'] = $e->getMessage();
            }
        }

        return $found;
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, string>  $kinds
     * @return list<array{row: int, column: string, message: string}>
     */
    private static function checkPlace(array $row, array $kinds): array
    {
        $problem = static fn (string $column, string $message): array => [['row' => (int) $row['row'], 'column' => $column, 'message' => $message]];
        foreach (['place' => 'location', 'parent' => $row['kind']] as $column => $kind) {
            if ($row[$column] !== '' && ($kinds[$row[$column]] ?? null) !== $kind) {
                return $problem($column, isset($kinds[$row[$column]]) ? "{$row[$column]} is no {$kind}." : "There is no {$kind} with the tag {$row[$column]}, in the register or in this file.");
            }
        }
        if ($row['kind'] === 'location') {
            return $row['place'] === '' ? [] : $problem('place', 'A location stands in another by its parent; leave place empty.');
        }

        return match (true) {
            $row['place'] === '' && $row['parent'] === '' => $problem('place', 'An asset stands at a place or inside a parent; this row names neither.'),
            $row['place'] !== '' && $row['parent'] !== '' => $problem('parent', 'Name the place or the parent, not both: a part stands where its parent stands.'),
            default => [],
        };
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @return array{list<array<string, string>>, list<array<string, string>>} ordered, and those caught in a loop
     */
    private static function parentsFirst(array $rows): array
    {
        $waiting = [];
        foreach ($rows as $row) {
            $waiting[$row['kind'] === 'location' ? 0 : 1][] = $row;
        }
        $ordered = [];
        $looped = [];
        foreach ([0, 1] as $kind) {
            $byTag = array_column($waiting[$kind] ?? [], null, 'tag');
            $children = [];
            $ready = [];
            foreach ($waiting[$kind] ?? [] as $row) {
                $row['parent'] !== '' && isset($byTag[$row['parent']]) ? $children[$row['parent']][] = $row : $ready[] = $row;
            }
            for ($i = 0; $i < count($ready); $i++) {
                $ordered[] = $ready[$i];
                array_push($ready, ...$children[$ready[$i]['tag']] ?? []);
                unset($children[$ready[$i]['tag']]);
            }
            $looped = [...$looped, ...array_merge(...array_values($children))];
        }

        return [$ordered, $looped];
    }
}
