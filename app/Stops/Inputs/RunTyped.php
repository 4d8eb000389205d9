<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

use Sundial\Stops\Span;

/** What was entered of one run: of what, from when to when, how many, and what was rejected for which reason. */
final readonly class RunTyped
{
    /** @param  array<int, int>  $rejects  pieces by reason */
    public function __construct(
        public int $productId,
        public Span $span,
        public int $total,
        public array $rejects,
        public int $rejectsInAll,
        public int $reworked,
        public string $field,
        public string $source = 'person',
    ) {
    }
}
