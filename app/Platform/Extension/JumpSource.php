<?php

declare(strict_types=1);

namespace App\Platform\Extension;

use App\Platform\Jump\Hit;

/** Finds records of a capability for "Ask or jump". */
interface JumpSource
{
    /**
     * @param  string  $text what was typed
     * @param  list<string>  $words the same in words; each has to be found
     * @return list<Hit> the best first; only what this person may see
     */
    public function find(string $text, array $words, int $siteId, int $most): array;

    /** @return iterable<string> names in which its words stand, so that misspelt ones can be mended */
    public function names(int $siteId): iterable;
}
