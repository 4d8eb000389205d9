<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\MovableOffRest;
use App\Platform\Frame\Wording;
use Illuminate\Support\Facades\DB;

/**
 * Moves visits that stand on what became a day of rest, or that had moved off one that is worked again, as their
 * schedules say. What has an order keeps its day.
 */
final readonly class MoveOffRest
{
    public function __construct(
        private MovableOffRest $movable,
        private KeepStanding $stand,
        private Wording $words,
    ) {
    }

    /**
     * @param  list<int>  $ids
     * @return list<string> what moved, as in "Seal check from 26 Mar to 27 Mar"
     */
    public function __invoke(int $siteId, array $ids): array
    {
        return DB::transaction(function () use ($siteId, $ids): array {
            $moved = [];
            foreach ($this->movable->locked($siteId, $ids) as $schedule) {
                $before = $schedule->standing->next_due_on;
                ($this->stand)($schedule, $schedule->state());
                if ($schedule->standing->next_due_on !== $before) {
                    $moved[] = "{$schedule->name} from {$this->words->day($before)} to ".
                        $this->words->day($schedule->standing->next_due_on);
                }
            }

            return $moved;
        });
    }
}
