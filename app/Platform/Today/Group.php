<?php

declare(strict_types=1);

namespace App\Platform\Today;

/** A group of lines on Today: what waits, for whom, how many in all, and where the rest is. */
final readonly class Group
{
    /**
     * @param  list<Line>  $lines the first few
     * @param  string|null  $one  how one alone is counted, where the title speaks of several
     */
    public function __construct(
        public string $key,
        public string $title,
        public bool $mine,
        public int $position,
        public array $lines,
        public int $count,
        public ?string $all,
        private ?string $one = null,
    ) {
    }

    /** What stands behind the number in the line of counts: 3 late orders, 1 late order. */
    public function counted(): string
    {
        return $this->count === 1 && $this->one !== null
            ? $this->one
            : lcfirst(preg_split('/[:,]/', $this->title)[0] ?? $this->title);
    }
}
