<?php

declare(strict_types=1);

namespace Sundial\Import;

use Sundial\Calendar\LocalDate;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\Csv;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Support\Quantity;

/**
 * A column that a file may have, and the one way in which its cells are read.
 *
 * A cell's plain value is a text: a number with three places ("4.500"), money in cents, a day as year-month-day, a
 * moment as
 * "year-month-day hour:minute", yes as 1 and no as 0, a choice as it is listed, a text as it is.
 */
final readonly class Column
{
    /** @param  list<string>  $choices */
    private function __construct(
        public string $key,
        public string $label,
        public CellKind $kind,
        public bool $needed,
        public int $most,
        public array $choices,
        public ?ExtraField $field,
        public int $least,
        public string $hint = '',
    ) {
    }

    /** Words, of at most so many characters. */
    public static function text(string $key, int $most, ?string $label = null): self
    {
        return new self($key, $label ?? str_replace('_', ' ', $key), CellKind::Text, false, $most, [], null, 0);
    }

    /**
     * One of some words.
     *
     * @param  list<string>  $choices
     */
    public static function choice(string $key, array $choices, ?string $label = null): self
    {
        return new self($key, $label ?? str_replace('_', ' ', $key), CellKind::Choice, false, 0, $choices, null, 0);
    }

    /** A whole number between two bounds. */
    public static function whole(string $key, int $least, int $most, ?string $label = null): self
    {
        return new self(
            $key,
            $label ?? str_replace('_', ' ', $key),
            CellKind::Whole,
            false,
            $most,
            [],
            null,
            $least,
        );
    }

    /** A number, money, a day, a moment, or yes or no. */
    public static function of(string $key, CellKind $kind, ?string $label = null): self
    {
        return new self($key, $label ?? str_replace('_', ' ', $key), $kind, false, 0, [], null, 0);
    }

    /** An extra field of the plant's own; it is asked for where the record is saved, not here. */
    public static function extra(string $key, ExtraField $field): self
    {
        return new self(
            $key,
            $field->unit === '' ? $field->name : "{$field->name}, {$field->unit}",
            CellKind::Extra,
            false,
            0,
            [],
            ExtraField::of($field->name, $field->type, $field->unit, $field->choices),
            0,
        );
    }

    /** The same column, without which no file can be read, and no row be empty in it. */
    public function needed(): self
    {
        return new self(
            $this->key,
            $this->label,
            $this->kind,
            true,
            $this->most,
            $this->choices,
            $this->field,
            $this->least,
            $this->hint,
        );
    }

    /** The same column, with a word on what its cells say. */
    public function saying(string $hint): self
    {
        return new self(
            $this->key,
            $this->label,
            $this->kind,
            $this->needed,
            $this->most,
            $this->choices,
            $this->field,
            $this->least,
            $hint,
        );
    }

    /**
     * The plain value of a cell; null for an empty one.
     *
     * @throws InvalidInput that names the column and the way out
     */
    public function read(string $typed, CellStyle $style): ?string
    {
        $typed = Csv::unguarded(trim($typed));
        if ($typed === '') {
            return null;
        }

        return match ($this->kind) {
            CellKind::Text => $this->words($typed),
            CellKind::Number => Quantity::plain(
                Quantity::parse($style->numbers->plain($typed, $this->key), $this->key),
            ),
            CellKind::Money => (string) Money::parse($style->numbers->plain($typed, $this->key), $this->key),
            CellKind::Whole => $this->wholeNumber($typed),
            CellKind::Date => (string) LocalDate::parse($style->dates->plain($typed), $this->key),
            CellKind::Moment => $this->moment($style->dates->plain($typed)),
            CellKind::YesNo => $this->yesOrNo($typed),
            CellKind::Choice => $this->oneOf($typed),
            CellKind::Extra => $this->ofField($typed, $style),
        };
    }

    /** What people read of a plain value, and what a file holds of it. */
    public function typed(?string $plain): string
    {
        return $plain === null
            ? ''
            : match ($this->kind) {
                CellKind::Number => str_contains($plain, '.') ? rtrim(rtrim($plain, '0'), '.') : $plain,
                CellKind::Money => Money::plain((int) $plain),
                CellKind::YesNo => $plain === '1' ? 'yes' : 'no',
                CellKind::Extra => (string) $this->field?->typed($plain),
                default => $plain,
            };
    }

    private function words(string $typed): string
    {
        return mb_strlen($typed) <= $this->most
            ? $typed
            : throw InvalidInput::because(
                'too_long',
                $this->key,
                "At most {$this->most} characters; this has ".mb_strlen($typed).'.',
                $typed,
            );
    }

    private function wholeNumber(string $typed): string
    {
        $number = preg_match('/^-?\d{1,9}$/D', $typed) === 1 ? (int) $typed : null;

        return $number !== null && $number >= $this->least && $number <= $this->most
            ? (string) $number
            : throw InvalidInput::because(
                'out_of_range',
                $this->key,
                "“{$typed}” is no whole number from {$this->least} to {$this->most}.",
                $typed,
            );
    }

    private function moment(string $typed): string
    {
        $isOne =
            preg_match('/^(\d{4})-(\d{2})-(\d{2})[ T](\d{1,2}):(\d{2})(?::\d{2})?$/D', $typed, $part) === 1 &&
            checkdate((int) $part[2], (int) $part[3], (int) $part[1]) &&
            (int) $part[4] <= 23 &&
            (int) $part[5] <= 59;

        return $isOne
            ? sprintf('%s-%s-%s %02d:%s', $part[1], $part[2], $part[3], (int) $part[4], $part[5])
            : throw InvalidInput::because(
                'no_moment',
                $this->key,
                "“{$typed}” is no time. Write it as 2026-03-18 07:30.",
                $typed,
            );
    }

    private function yesOrNo(string $typed): string
    {
        return match (mb_strtolower($typed)) {
            '1', 'yes', 'y', 'true', 'x' => '1',
            '0', 'no', 'n', 'false' => '0',
            default => throw InvalidInput::because(
                'no_yes',
                $this->key,
                "“{$typed}” is neither yes nor no.",
                $typed,
            ),
        };
    }

    private function oneOf(string $typed): string
    {
        foreach ($this->choices as $choice) {
            if (mb_strtolower($choice) === mb_strtolower($typed)) {
                return $choice;
            }
        }

        $some =
            implode(', ', array_slice($this->choices, 0, 12)).
            (count($this->choices) > 12 ? ' and '.(count($this->choices) - 12).' more' : '');

        $way = $this->hint === '' ? '' : "; {$this->hint}";

        throw InvalidInput::because(
            'no_choice',
            $this->key,
            $some === ''
                ? "“{$typed}” is not known; there is no {$this->label} yet{$way}."
                : "“{$typed}” is none of: {$some}{$way}.",
            $typed,
        );
    }

    private function ofField(string $typed, CellStyle $style): ?string
    {
        return $this->field?->read(
            match ($this->field->type) {
                FieldType::Number, FieldType::Money => $style->numbers->plain($typed, $this->key),
                FieldType::Date => $style->dates->plain($typed),
                default => $typed,
            },
            $this->key,
        );
    }
}
