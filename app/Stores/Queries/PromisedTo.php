<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use App\Stores\Models\Claim;
use Illuminate\Support\Collection;

/** The claims on a part that come first, and how many there are. */
final readonly class PromisedTo
{
    /** @param  Collection<int, Claim>  $first */
    public function __construct(public Collection $first, public int $many)
    {
    }

    public function isMore(): bool
    {
        return $this->many > $this->first->count();
    }
}
