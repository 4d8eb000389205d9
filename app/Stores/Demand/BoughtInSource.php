<?php

declare(strict_types=1);

namespace App\Stores\Demand;

/** A floor whose records want things bought in for them, that never lie on a shelf. */
interface BoughtInSource
{
    /** @return list<WantedIn> those that nobody ordered yet are told by who asks */
    public function wanted(int $siteId): array;
}
