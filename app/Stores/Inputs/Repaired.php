<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use App\Platform\Audit\Actor;

/** What came back from repair: thousandths mended and beyond repair, and the cents that it cost. */
final readonly class Repaired
{
    public function __construct(
        public int $mended,
        public int $beyond,
        public int $cost,
        public LotsTyped $lots,
        public ?string $note = null,
        public ?Actor $second = null,
    ) {
    }
}
