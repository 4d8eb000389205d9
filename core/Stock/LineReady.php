<?php

declare(strict_types=1);

namespace Sundial\Stock;

use Sundial\Calendar\LocalDate;

/** Whether what one line of a plan wants is there: here, expected on a day, ordered for no day yet, or not ordered. */
final readonly class LineReady
{
    private function __construct(
        public string $name,
        public bool $isHere,
        public bool $isOrdered,
        public ?LocalDate $on,
    ) {
    }

    public static function here(string $name): self
    {
        return new self($name, true, true, null);
    }

    public static function expected(string $name, ?LocalDate $on): self
    {
        return new self($name, false, true, $on);
    }

    public static function notOrdered(string $name): self
    {
        return new self($name, false, false, null);
    }

    /** So much is missing, and that is on its way. */
    public static function missing(string $name, int $short, Resupply $coming): self
    {
        $on = $coming->dayOf($short);

        return match (true) {
            $short <= 0 => self::here($name),
            $on !== null => self::expected($name, $on),
            default => self::notOrdered($name),
        };
    }
}
