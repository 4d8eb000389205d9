<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Projections\KeepStanding;
use App\Planning\Queries\FactsOf;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Decision;
use Sundial\Support\InvalidInput;

/**
 * Moves the next visit of a schedule to another day within its tolerance, and only that one; to the day of its rule
 * takes the move back.
 */
final readonly class MoveVisit
{
    public function __construct(
        private Audit $audit,
        private KeepStanding $stand,
        private FactsOf $facts,
        private NoteDecision $note,
    ) {
    }

    /** @return string the day on which it stood before */
    public function __invoke(Actor $by, Schedule $schedule, LocalDate $to, ?int $version = null): string
    {
        return DB::transaction(function () use ($by, $schedule, $to, $version): string {
            $schedule = Versioned::lock($schedule, $version);
            if ($schedule->ended || $schedule->standing->in_hand !== null) {
                throw InvalidInput::because(
                    'cannot_move',
                    'moved_to',
                    $schedule->standing->in_hand !== null
                        ? "The visit is in hand: move the order {$schedule->standing->in_hand} instead."
                        : 'This schedule has ended; there is no visit to move.',
                );
            }
            $before = (string) $schedule->standing->next_due_on;
            $facts = ($this->facts)($schedule);
            $moved = $schedule->agreed()->movedTo($schedule->state(), $to, $facts);
            // Sent twice, or to where it stands: nothing was decided.
            if ((string) $to === $before) {
                return $before;
            }
            ($this->stand)($schedule, $moved, $facts);
            ($this->note)($by, $schedule, Decision::Move, $to);
            $this->audit->record(
                $by,
                $schedule->subject(),
                "moved visit {$schedule->standing->next_number} of {$schedule->name} to {$to->inWords()}",
                ['planned' => [$before, (string) $to]],
                null,
                [Asset::query()->findOrFail($schedule->asset_id)->subject()],
            );

            return $before;
        });
    }
}
