<?php

declare(strict_types=1);

namespace App\Platform\Writing;

use Closure;

/** Gathers ids while much is done at once, so that what follows from them is done once for each, at the end. */
trait GathersIds
{
    /** @var array<int, true>|null by id; null while nothing is gathered */
    private ?array $gathered = null;

    /** Whether much is done at once just now. */
    public function gathers(): bool
    {
        return $this->gathered !== null;
    }

    /** Whether this one waits until all is done. */
    public function takes(int $id): bool
    {
        if ($this->gathered === null) {
            return false;
        }
        $this->gathered[$id] = true;

        return true;
    }

    /** @return list<int> those gathered meanwhile; none where somebody gathers already, who sees to them */
    public function while(Closure $work): array
    {
        if ($this->gathered !== null) {
            $work();

            return [];
        }
        $this->gathered = [];
        try {
            $work();

            return array_keys($this->gathered);
        } finally {
            $this->gathered = null;
        }
    }
}
