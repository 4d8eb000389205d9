<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Planning\Models\Schedule;
use Closure;

/** Puts the keeping of outlooks off while much is changed at once, and does it once for each schedule at the end. */
final class PutOffVisits
{
    /** @var array<int, true>|null schedules put off; null while none are */
    private ?array $waiting = null;

    public function isOn(): bool
    {
        return $this->waiting !== null;
    }

    /** Whether this schedule is put off. */
    public function takes(int $scheduleId): bool
    {
        if ($this->waiting === null) {
            return false;
        }
        $this->waiting[$scheduleId] = true;

        return true;
    }

    public function while(Closure $work): void
    {
        $this->waiting = [];
        try {
            $work();
        } finally {
            $waiting = $this->taken();
        }
        $keep = app(ComingVisits::class);
        foreach (Schedule::query()->whereIn('id', $waiting)->orderBy('id')->get() as $schedule) {
            $keep($schedule);
        }
    }

    /** @return list<int> those put off; from now on none are */
    private function taken(): array
    {
        $ids = array_keys($this->waiting ?? []);
        $this->waiting = null;

        return $ids;
    }
}
