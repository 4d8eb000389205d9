<?php

declare(strict_types=1);

namespace App\Stops\Extension;

/** What one shift tells the next by itself; floors above tell theirs. */
interface ToldAtHandover
{
    public function position(): int;

    public function title(): string;

    /** @return list<array{words: string, href: string}> the most pressing first; empty: nothing is to be told */
    public function lines(int $siteId): array;
}
