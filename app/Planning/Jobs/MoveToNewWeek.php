<?php

declare(strict_types=1);

namespace App\Planning\Jobs;

use App\Planning\Actions\MoveOffRest;
use App\Planning\Queries\MovableOffRest;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** Moves the visits of a site whose working week changed, some schedules at a time; safe to run again. */
final class MoveToNewWeek implements ShouldQueue
{
    use Dispatchable, Queueable;

    private const AT_ONCE = 100;

    public int $tries = 3;

    public function __construct(public readonly int $siteId)
    {
    }

    public function handle(MovableOffRest $movable, MoveOffRest $move, Audit $audit): void
    {
        $moved = 0;
        foreach (array_chunk($movable->ids($this->siteId, null), self::AT_ONCE) as $ids) {
            $moved += count($move($this->siteId, $ids));
        }
        $audit->record(
            Actor::sundial(),
            Subject::of('site', $this->siteId, $this->siteId),
            'moved '.($moved === 1 ? '1 visit' : "{$moved} visits").' to the new working week',
        );
    }
}
