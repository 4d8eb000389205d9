<?php

declare(strict_types=1);

namespace Sundial\Support;

use InvalidArgumentException;

/** An input that no rule of the core can work with. Carries the field, the value and a neutral code. */
final class InvalidInput extends InvalidArgumentException implements SundialException
{
    private function __construct(
        private readonly string $cause,
        private readonly ?string $field,
        string $message,
        public readonly mixed $value = null,
    ) {
        parent::__construct($message);
    }

    /** A text that is no date of the Gregorian calendar written as YYYY-MM-DD. */
    public static function date(string $value, ?string $field = null): self
    {
        return new self(
            'invalid_date',
            $field,
            "“{$value}” is no date. Write it as year-month-day, such as 2026-03-31.",
            $value,
        );
    }

    /** A number that lies outside what the field allows. The sentence stands at its field, so it does not name it. */
    public static function outside(
        string $field,
        int|float|string $value,
        int|float|null $least,
        int|float|null $most = null,
    ): self {
        $range = $most === null ? "of at least {$least}" : "between {$least} and {$most}";

        return new self('out_of_range', $field, "Write a number {$range}, not {$value}.", $value);
    }

    /** A choice that leaves nothing to choose from, such as no weekday at all. */
    public static function nothingLeft(string $field, string $message): self
    {
        return new self('nothing_left', $field, $message);
    }

    /** Any other value that cannot be read, with a sentence that says the way out. */
    public static function because(string $cause, ?string $field, string $message, mixed $value = null): self
    {
        return new self($cause, $field, $message, $value);
    }

    /** The same, told of the field in which it was typed. */
    public function typedIn(string $field): self
    {
        return new self($this->cause, $field, $this->getMessage(), $this->value);
    }

    public function cause(): string
    {
        return $this->cause;
    }

    public function field(): ?string
    {
        return $this->field;
    }
}
