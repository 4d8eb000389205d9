<?php

declare(strict_types=1);

namespace Sundial\Costing;

/** An order that was worked, as the estimate of another one looks at it. */
final readonly class PastOrder
{
    private function __construct(
        public ?string $method,
        public int|string|null $level,
        public ?string $class,
        public ?string $type,
        public int $minutes,
    ) {
    }

    /** @param  int  $minutes  booked by all people together */
    public static function of(
        ?string $method,
        int|string|null $level,
        ?string $class,
        ?string $type,
        int $minutes,
    ): self {
        return new self($method, $level, $class, $type, $minutes);
    }

    /** The order that is estimated itself: nothing is booked on it yet. */
    public static function wanted(?string $method, int|string|null $level, ?string $class, ?string $type): self
    {
        return new self($method, $level, $class, $type, 0);
    }
}
