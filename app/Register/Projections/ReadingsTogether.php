<?php

declare(strict_types=1);

namespace App\Register\Projections;

use Closure;

/** Notes the meters of many readings that are taken at once, so that what follows is looked at once for each. */
final class ReadingsTogether
{
    /** @var array<int, true>|null by id; null while readings are taken one by one */
    private ?array $meters = null;

    /** Whether what follows from a reading of this meter waits until all are taken. */
    public function takes(int $meterId): bool
    {
        if ($this->meters === null) {
            return false;
        }
        $this->meters[$meterId] = true;

        return true;
    }

    /** @return list<int> the meters of which readings were taken meanwhile */
    public function while(Closure $work): array
    {
        $this->meters = [];
        try {
            $work();

            return array_keys($this->meters);
        } finally {
            $this->meters = null;
        }
    }
}
