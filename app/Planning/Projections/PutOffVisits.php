<?php

declare(strict_types=1);

namespace App\Planning\Projections;

use App\Planning\Models\Schedule;
use App\Platform\Writing\GathersIds;
use Closure;

/** Puts the keeping of outlooks off while much is changed at once, and does it once for each schedule at the end. */
final class PutOffVisits
{
    use GathersIds {
        while as private gather;
    }

    public function isOn(): bool
    {
        return $this->gathered !== null;
    }

    public function while(Closure $work): void
    {
        $waiting = $this->gather($work);
        $keep = app(ComingVisits::class);
        foreach (Schedule::query()->whereIn('id', $waiting)->orderBy('id')->get() as $schedule) {
            $keep($schedule);
        }
    }
}
