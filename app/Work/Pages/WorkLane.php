<?php

declare(strict_types=1);

namespace App\Work\Pages;

/** A lane of the start page of work: its posts, and from where on they stand there longer than agreed. */
final readonly class WorkLane
{
    /**
     * @param  string  $href  all that stand there
     * @param  list<array{int, bool, string, string, int}>  $posts  place in thousandths, whether it is longer than
     *     agreed, where it leads, what it says, and how many stand there
     * @param  int  $agreed  place in thousandths from which it is longer than agreed
     */
    public function __construct(
        public string $name,
        public string $wants,
        public string $href,
        public array $posts,
        public int $agreed,
    ) {
    }
}
