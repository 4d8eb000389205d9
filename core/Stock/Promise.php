<?php

declare(strict_types=1);

namespace Sundial\Stock;

/** What is promised to an order of a part in a store, and what it is short of. In thousandths. */
final readonly class Promise
{
    private function __construct(public string $order, public int $reserved, public int $short)
    {
    }

    public static function to(string $order, int $reserved, int $short): self
    {
        return new self($order, $reserved, $short);
    }
}
