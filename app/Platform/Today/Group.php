<?php

declare(strict_types=1);

namespace App\Platform\Today;

/** A group of lines on Today: what waits, for whom, how many in all, and where the rest is. */
final readonly class Group
{
    /** @param  list<Line>  $lines the first few */
    public function __construct(
        public string $key,
        public string $title,
        public bool $mine,
        public int $position,
        public array $lines,
        public int $count,
        public ?string $all,
    ) {
    }
}
