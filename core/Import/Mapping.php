<?php

declare(strict_types=1);

namespace Sundial\Import;

use Sundial\Support\InvalidInput;

/**
 * Which column of a file holds what: the key of a known column by the place in the file, or nothing for a column that
 * is left out.
 */
final readonly class Mapping
{
    /** @param  array<int, string|null>  $keys */
    private function __construct(public array $keys)
    {
    }

    /**
     * Takes each column of the file for the known one that has its name, whatever the capitals, spaces and marks,
     * with or without a unit.
     *
     * @param  list<string>  $header
     * @param  list<Column>  $columns
     */
    public static function guess(array $header, array $columns): self
    {
        $known = [];
        foreach ($columns as $column) {
            foreach ([$column->key, $column->label, $column->field->name ?? ''] as $name) {
                $known[self::bare($name)] ??= $column->key;
            }
        }
        unset($known['']);
        [$keys, $taken] = [[], []];
        foreach ($header as $i => $name) {
            $key = $known[self::bare($name)] ?? null;
            $keys[$i] = $key === null || isset($taken[$key]) ? null : $key;
            $taken[(string) $key] = true;
        }

        return new self($keys);
    }

    /**
     * As somebody chose it.
     *
     * @param  list<string>  $header
     * @param  list<Column>  $columns
     * @param  array<int, string>  $chosen  by the place in the file; '' leaves a column out
     *
     * @throws InvalidInput when two columns would hold the same, or one is not known
     */
    public static function chosen(array $header, array $columns, array $chosen): self
    {
        $labels = array_column($columns, 'label', 'key');
        [$keys, $from] = [[], []];
        foreach ($header as $i => $name) {
            $key = ($chosen[$i] ?? '') === '' ? null : $chosen[$i];
            if ($key !== null && (! isset($labels[$key]) || isset($from[$key]))) {
                throw InvalidInput::because(
                    'twice',
                    'columns',
                    isset($labels[$key])
                        ? "“{$from[$key]}” and “{$name}” cannot both be the {$labels[$key]}. Leave one of them out."
                        : "There is no column “{$key}” to load.",
                );
            }
            $keys[$i] = $key;
            $from[(string) $key] = $name;
        }

        return new self($keys);
    }

    /** @param  list<Column>  $columns
     * @return list<Column> those that are needed and that no column of the file holds */
    public function missing(array $columns): array
    {
        return array_values(
            array_filter(
                $columns,
                fn (Column $column): bool => $column->needed && ! in_array($column->key, $this->keys, true),
            ),
        );
    }

    private static function bare(string $name): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($name));
    }
}
