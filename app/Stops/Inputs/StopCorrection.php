<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

use Sundial\Stops\StopSpan;

/** What a stop is corrected to. */
final readonly class StopCorrection
{
    public function __construct(
        public StopSpan $span,
        public string $reason,
        public bool $planned,
        public ?string $note,
    ) {
    }
}
