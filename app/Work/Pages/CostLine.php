<?php

declare(strict_types=1);

namespace App\Work\Pages;

/** A line of the page of costs: what it is of, where it leads, and its figures, each with its orders. */
final readonly class CostLine
{
    /**
     * @param  string|null  $deeper  the same page for what stands inside
     * @param  list<array{string, string}>  $figures  labour, parts, services, in all: as words, and their orders
     * @param  int  $share  of the dearest line, in thousandths
     */
    public function __construct(
        public string $name,
        public ?string $deeper,
        public string $hours,
        public array $figures,
        public int $share,
    ) {
    }
}
