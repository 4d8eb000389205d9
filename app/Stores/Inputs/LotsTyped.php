<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Calendar\LocalDate;

/** Which batch or which serial numbers were typed, and until when they keep; nothing: those go that go first. */
final readonly class LotsTyped
{
    /** @param  list<string>  $names */
    private function __construct(public array $names, public ?LocalDate $bestBefore, public bool $known = true)
    {
    }

    /** What lay there before lots were followed: it has no name yet. */
    public static function unknown(): self
    {
        return new self([], null, false);
    }

    /** @param  string|null  $names  one in a line, or with commas between */
    public static function of(?string $names, ?string $bestBefore = null): self
    {
        $named = array_map(
            static fn (string $one): string => mb_substr(trim($one), 0, 60),
            preg_split('/[\r\n,;]+/', (string) $names) ?: [],
        );

        return new self(
            array_values(array_filter($named, static fn (string $one): bool => $one !== '')),
            trim((string) $bestBefore) === '' ? null : LocalDate::parse(trim((string) $bestBefore)),
        );
    }
}
