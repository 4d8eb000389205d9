<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Jobs\MoveToNewWeek;
use App\Planning\Queries\MovableOffRest;
use App\Platform\Sites\DaysOfRestChanged;

/** Moves visits when days of rest change: for a day at once, for the working week behind the page. */
final readonly class MoveOffRestDay
{
    /** How many of those that moved are named. */
    private const NAMED = 5;

    public function __construct(private MovableOffRest $movable, private MoveOffRest $move)
    {
    }

    public function __invoke(DaysOfRestChanged $event): void
    {
        if ($event->day === null) {
            MoveToNewWeek::dispatch($event->siteId)->afterCommit();

            return;
        }
        $moved = ($this->move)($event->siteId, $this->movable->ids($event->siteId, $event->day));
        if ($moved !== []) {
            $more = count($moved) > self::NAMED ? ' and '.(count($moved) - self::NAMED).' more' : '';
            $event->followed[] = 'Moved: '.implode('; ', array_slice($moved, 0, self::NAMED))."{$more}.";
        }
    }
}
