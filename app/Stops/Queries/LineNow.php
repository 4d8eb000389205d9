<?php

declare(strict_types=1);

namespace App\Stops\Queries;

/** Where a line stands at the moment. */
final readonly class LineNow
{
    /** @param  list<float|null>  $lately  the OEE of its last shifts, the last one last */
    public function __construct(
        public int $id,
        public int $assetId,
        public string $name,
        public string $tag,
        public ?int $stopId,
        public ?string $downSince,
        public ?string $reason,
        public bool $isPlanned,
        public ?string $lastEnded,
        public ?string $calledAt,
        public bool $isInShift,
        public array $lately,
    ) {
    }
}
