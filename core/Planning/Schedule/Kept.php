<?php

declare(strict_types=1);

namespace Sundial\Planning\Schedule;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Reads the fields of a value as it was kept; a field of another type than it was written with is refused. */
final readonly class Kept
{
    /** @param  array<string, mixed>  $fields */
    private function __construct(private array $fields)
    {
    }

    /** @param  array<string, mixed>  $fields */
    public static function of(array $fields): self
    {
        return new self($fields);
    }

    /** @throws InvalidInput */
    public function text(string $field): ?string
    {
        $value = $this->fields[$field] ?? null;

        return $value === null || is_string($value) ? $value : throw self::other($field, $value);
    }

    /** @throws InvalidInput */
    public function whole(string $field): ?int
    {
        $value = $this->fields[$field] ?? null;

        return $value === null || is_int($value) ? $value : throw self::other($field, $value);
    }

    /** @throws InvalidInput */
    public function day(string $field): ?LocalDate
    {
        $text = $this->text($field);

        return $text === null ? null : LocalDate::parse($text, $field);
    }

    /**
     * The fields inside one.
     *
     * @return array<string, mixed>|null
     *
     * @throws InvalidInput
     */
    public function inside(string $field): ?array
    {
        $value = $this->fields[$field] ?? null;
        if ($value === null) {
            return null;
        }
        if (! is_array($value)) {
            throw self::other($field, $value);
        }
        $inside = [];
        foreach ($value as $name => $one) {
            $inside[(string) $name] = $one;
        }

        return $inside;
    }

    private static function other(string $field, mixed $value): InvalidInput
    {
        return InvalidInput::because('not_kept_so', $field, "“{$field}” was not kept as it is read.", $value);
    }
}
