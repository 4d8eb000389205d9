<?php

declare(strict_types=1);

namespace Sundial\Work\Failure;

use DateTimeImmutable;
use Sundial\Support\InvalidInput;

/**
 * What is said of a failure: a word for each kind that is known; or that it was none, and why. What failed, why, and
 * what was done have to be said, since those are counted.
 */
final readonly class FailureWords
{
    /** @param  array<string, string>  $words  by kind */
    private function __construct(
        public array $words,
        public ?DateTimeImmutable $at,
        public ?string $noneBecause,
    ) {
    }

    /**
     * @param  array<string, string|null>  $words  by kind; empty ones are not said
     *
     * @throws InvalidInput missing, naming the first kind that has to be said
     */
    public static function of(array $words, ?DateTimeImmutable $at = null): self
    {
        $said = array_filter(
            array_map(static fn (?string $word): string => trim((string) $word), $words),
            static fn (string $word): bool => $word !== '',
        );
        foreach (FailureKind::cases() as $kind) {
            if ($kind->isNeeded() && ! isset($said[$kind->value])) {
                throw InvalidInput::because(
                    'missing',
                    $kind->value,
                    "Choose a word for “{$kind->label()}”, or say why it was not a failure.",
                );
            }
        }

        return new self($said, $at, null);
    }

    /** @throws InvalidInput missing */
    public static function none(string $because): self
    {
        return trim($because) === ''
            ? throw InvalidInput::because('missing', 'none_because', 'Say why it was not a failure.')
            : new self([], null, trim($because));
    }
}
