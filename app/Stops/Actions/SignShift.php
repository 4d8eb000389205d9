<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Writing\Versioned;
use App\Stops\Models\ShiftRecord;
use App\Stops\Projections\ShiftSums;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Signs a shift that is over, or takes the signature back with a reason. */
final readonly class SignShift
{
    public function __construct(private ShiftSums $sums, private Clock $clock, private Audit $audit)
    {
    }

    /** Refuses: going_on, signed, not_signed. */
    public function __invoke(
        Actor $by,
        ShiftRecord $record,
        int $version,
        ?string $takenBackBecause = null,
    ): ShiftRecord {
        return DB::transaction(function () use ($by, $record, $version, $takenBackBecause): ShiftRecord {
            $record = Versioned::lock($record, $version)->load(['line.asset', 'line.parts', 'runs']);
            $now = $this->clock->now()->format('Y-m-d H:i:s.u');
            $isSigned = $record->signed_at !== null;
            if ($takenBackBecause !== null) {
                if (! $isSigned) {
                    throw InvalidInput::because('not_signed', 'form', 'This shift is not signed.');
                }
                $record->fill(['signed_at' => null, 'signed_by' => null, 'signed_who' => null])->save();
                $this->tell($by, $record, 'took the signature back from', $takenBackBecause);

                return $record;
            }
            match (true) {
                $isSigned => throw InvalidInput::because('signed', 'form', "{$record->signed_who} signed it already."),
                $record->to_at > $now => throw InvalidInput::because(
                    'going_on',
                    'form',
                    'This shift goes on still. It is signed when it is over.',
                ),
                default => null,
            };
            $record->fill(['signed_at' => $now, 'signed_by' => $by->id, 'signed_who' => $by->name])->save();
            if ($record->counted_at === null || $record->counted_at < $record->to_at) {
                $this->sums->keep($record);
            }
            $this->tell($by, $record, 'signed', null);

            return $record;
        });
    }

    private function tell(Actor $by, ShiftRecord $record, string $did, ?string $why): void
    {
        $day = LocalDate::parse($record->day)->inWords();
        $this->audit->record(
            $by,
            $record->subject(),
            "{$did} the {$record->shift} shift of {$day} on {$record->line->asset->name}",
            [],
            $why,
            [$record->line->subject()],
        );
    }
}
