<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use Closure;

/** Puts the summaries of assets off while several schedules of theirs are stood, and makes each once at the end. */
final class PutOffNearness
{
    /** @var array<int, true>|null assets put off; null while none are */
    private ?array $waiting = null;

    /**
     * @param  list<int>  $assetIds
     * @return list<int> those that are not put off
     */
    public function leaves(array $assetIds): array
    {
        if ($this->waiting === null) {
            return $assetIds;
        }
        $this->waiting += array_fill_keys($assetIds, true);

        return [];
    }

    /** @return list<int> the assets that were put off meanwhile */
    public function while(Closure $work): array
    {
        if ($this->waiting !== null) {
            // Whoever began to put them off makes them.
            $work();

            return [];
        }
        $this->waiting = [];
        try {
            $work();

            return array_keys($this->waiting);
        } finally {
            $this->waiting = null;
        }
    }
}
