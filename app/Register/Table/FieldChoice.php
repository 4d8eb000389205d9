<?php

declare(strict_types=1);

namespace App\Register\Table;

/** A field by which the table is filtered, or that many assets are set to at once, with what it may hold. */
final readonly class FieldChoice
{
    /** @param  array<int|string, string>  $options  by what is sent */
    public function __construct(
        public string $key,
        public string $label,
        public array $options,
        public bool $mayBeEmpty = true,
    ) {
    }

    /**
     * Whose options are sent as they read.
     *
     * @param  list<string>  $words
     */
    public static function ofWords(string $key, string $label, array $words, bool $mayBeEmpty = true): self
    {
        return new self($key, $label, array_combine($words, $words), $mayBeEmpty);
    }
}
