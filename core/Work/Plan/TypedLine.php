<?php

declare(strict_types=1);

namespace Sundial\Work\Plan;

/** A line of a plan as it was typed, read but not looked up yet. */
final readonly class TypedLine
{
    private function __construct(
        public LineKind $kind,
        public string $words,
        public int $count,
        public int $thousandths,
        public int $minutes,
    ) {
    }

    /** Something to do, and how long it takes from start to end. */
    public static function step(string $text, int $minutes): self
    {
        return new self(LineKind::Step, $text, 0, 0, $minutes);
    }

    /** People of a trade, and the minutes of each. */
    public static function labour(int $people, string $trade, int $minutes): self
    {
        return new self(LineKind::Labour, $trade, $people, 0, $minutes);
    }

    /** So many of a part, by its number. */
    public static function part(string $number, int $thousandths): self
    {
        return new self(LineKind::Part, $number, 0, $thousandths, 0);
    }
}
