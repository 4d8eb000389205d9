<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Sundial\Stock\FreeStair;

/** What is ahead of a part at a site. */
final readonly class PartAhead
{
    public function __construct(
        public int $id,
        public string $name,
        public ?int $leadDays,
        public FreeStair $stair,
    ) {
    }
}
