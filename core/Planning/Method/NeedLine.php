<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

/** A part or a service that a method needs, from a level of its ladder on. */
final readonly class NeedLine
{
    private function __construct(
        public string $words,
        public int $thousandths,
        public ?int $cents,
        public int $level,
    ) {
    }

    /** So many of a part, by its number. */
    public static function part(string $number, int $thousandths, int $level): self
    {
        return new self($number, $thousandths, null, $level);
    }

    /** What somebody else does, and what it will cost where that is known. */
    public static function service(string $what, ?int $cents, int $level): self
    {
        return new self($what, 0, $cents, $level);
    }
}
