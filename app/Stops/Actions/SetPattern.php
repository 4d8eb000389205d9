<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stops\Models\Line;
use App\Stops\Models\LinePattern;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\StopShifts;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stops\ShiftPattern;
use Sundial\Stops\ShiftTurn;
use Sundial\Support\InvalidInput;

/** Sets the shifts of a line from a day on; shifts that nobody entered anything in follow it. */
final readonly class SetPattern
{
    public function __construct(private OpenShifts $open, private StopShifts $shifts, private Audit $audit)
    {
    }

    /** Refuses: entered. */
    public function __invoke(Actor $by, Line $line, LocalDate $from, ShiftPattern $pattern): LinePattern
    {
        return DB::transaction(function () use ($by, $line, $from, $pattern): LinePattern {
            $line = Line::query()->lockForUpdate()->findOrFail($line->id);
            $later = ShiftRecord::query()->where('line_id', $line->id)->where('day', '>=', (string) $from);
            $entered = (clone $later)->has('runs')->orderByDesc('day')->first();
            if ($entered !== null) {
                $day = LocalDate::parse($entered->day);
                throw InvalidInput::because(
                    'entered',
                    'from_on',
                    "Output is entered up to {$day->inWords()}. Let the new pattern hold from ".
                        "{$day->plusDays(1)->inWords()} on.",
                    (string) $from,
                );
            }
            $later->whereNull('signed_at')->delete();
            $kept = LinePattern::query()->updateOrCreate(
                ['line_id' => $line->id, 'from_on' => (string) $from],
                [
                    'turns' => array_map(static fn (ShiftTurn $one): array => [
                        'name' => $one->name,
                        'times' => $one->times(),
                        'breaks' => $one->restTimes(),
                        'weekdays' => $one->weekdays,
                    ], $pattern->turns),
                    'stands_on_holidays' => $pattern->standsOnHolidays,
                ],
            );
            ($this->open)($line->load(['patterns', 'asset', 'parts']), $from);
            foreach ($line->assetIds() as $assetId) {
                $this->shifts->keep($assetId, (string) $from->plusDays(-1), null);
            }
            $names = implode(', ', array_map(
                static fn (ShiftTurn $one): string => "{$one->name} {$one->times()}",
                $pattern->turns,
            ));
            $this->audit->record($by, $line->subject(), "set the shifts of {$line->asset->name}: {$names}", [
                'from' => [null, (string) $from],
            ]);

            return $kept;
        });
    }
}
