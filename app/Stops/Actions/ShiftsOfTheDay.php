<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Sites\DayBegan;
use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\ShiftSums;

/** On a new day: its shifts stand on each line, and those that went over are added up for good. */
final readonly class ShiftsOfTheDay
{
    public function __construct(private OpenShifts $open, private ShiftSums $sums)
    {
    }

    public function __invoke(DayBegan $began): void
    {
        $lines = Line::query()
            ->with(['patterns', 'parts', 'asset'])
            ->where('site_id', $began->siteId)
            ->where('retired', false)
            ->orderBy('id')
            ->get();
        foreach ($lines as $line) {
            ($this->open)($line);
            $unfinished = ShiftRecord::query()
                ->with('runs')
                ->where('line_id', $line->id)
                ->where('day', '<', (string) $began->today)
                ->where('to_count', 1);
            foreach ($unfinished->lazyById(200) as $record) {
                $this->sums->entered($record->setRelation('line', $line));
            }
        }
    }
}
