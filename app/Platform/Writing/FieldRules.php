<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Illuminate\Validation\Rule;
use Sundial\Import\CellKind;
use Sundial\Import\Column;

/**
 * The rules by which a form refuses what a file would refuse: a field is stated once, as the column of a file, and
 * its form and its API answer by the same bounds.
 */
final readonly class FieldRules
{
    /** Digits, a sign and a point of any number that is kept. */
    private const NUMBER = 20;

    /** @param  array<string, Column>  $columns  by their keys */
    private function __construct(private array $columns)
    {
    }

    public static function from(Column ...$columns): self
    {
        $by = [];
        foreach ($columns as $column) {
            $by[$column->key] = $column;
        }

        return new self($by);
    }

    /** @return list<mixed> what a field of a form may hold that a file names so */
    public function of(string $key): array
    {
        $column = $this->columns[$key];

        return [$column->needed ? 'required' : 'nullable', ...match ($column->kind) {
            CellKind::Text => ['string', "max:{$column->most}"],
            CellKind::Choice => [Rule::in($column->choices)],
            CellKind::Whole => ['integer', "between:{$column->least},{$column->most}"],
            CellKind::Date => ['date_format:Y-m-d'],
            CellKind::YesNo => ['boolean'],
            CellKind::Number, CellKind::Money => ['string', 'max:'.self::NUMBER],
            CellKind::Moment, CellKind::Extra => ['string'],
        }];
    }

    /** @return array<string, list<mixed>> of several, by their keys */
    public function only(string ...$keys): array
    {
        $rules = [];
        foreach ($keys as $key) {
            $rules[$key] = $this->of($key);
        }

        return $rules;
    }
}
