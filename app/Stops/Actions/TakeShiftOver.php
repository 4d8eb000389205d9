<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Writing\Versioned;
use App\Stops\Models\ShiftHandover;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Takes a shift over that somebody else gave: both have signed. */
final readonly class TakeShiftOver
{
    public function __construct(private Clock $clock, private Audit $audit)
    {
    }

    /** Refuses: taken, same_person. */
    public function __invoke(User $person, ShiftHandover $handover, int $version): ShiftHandover
    {
        return DB::transaction(function () use ($person, $handover, $version): ShiftHandover {
            $handover = Versioned::lock($handover, $version);
            match (true) {
                $handover->taken_at !== null => throw InvalidInput::because(
                    'taken',
                    'form',
                    "{$handover->taken_who} has taken it over already.",
                ),
                $handover->given_by === $person->id => throw InvalidInput::because(
                    'same_person',
                    'form',
                    'Somebody else takes over what you gave.',
                ),
                default => null,
            };
            $handover->fill([
                'taken_at' => $this->clock->now()->format('Y-m-d H:i:s'),
                'taken_by' => $person->id,
                'taken_who' => $person->name,
            ])->save();
            $day = LocalDate::parse($handover->day)->inWords();
            $this->audit->record(
                $person->actor(),
                $handover->subject(),
                "took the {$handover->shift} shift of {$day} over from {$handover->given_who}",
            );

            return $handover;
        });
    }
}
