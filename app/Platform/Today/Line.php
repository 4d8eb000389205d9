<?php

declare(strict_types=1);

namespace App\Platform\Today;

/** One line on Today: its mark, what it is about, what matters now, and what to do next. */
final readonly class Line
{
    /**
     * @param  string  $mark its mark as SVG
     * @param  array{label: string, href: string, method: string, version?: int}|null  $next
     */
    public function __construct(
        public string $mark,
        public string $name,
        public string $tag,
        public string $words,
        public string $tone,
        public string $href,
        public ?array $next,
    ) {
    }
}
