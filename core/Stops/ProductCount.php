<?php

declare(strict_types=1);

namespace Sundial\Stops;

/** How many were made, how many of them were rejected, and how many of those were reworked. */
final readonly class ProductCount
{
    public function __construct(public int $total, public int $rejects, public int $reworked)
    {
    }
}
