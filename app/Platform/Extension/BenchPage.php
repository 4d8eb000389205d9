<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use Sundial\Access\Right;

/** A page that the bench measures; {asset} and {order} stand for a record of the large plant. */
final readonly class BenchPage implements Offer
{
    public function __construct(public string $name, public string $href, private int $position)
    {
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function position(): int
    {
        return $this->position;
    }
}
