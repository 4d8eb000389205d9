<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\InvalidInput;

/** Skips the next visit of a schedule with a reason; it counts on as if the visit had been done when planned. */
final readonly class SkipVisit
{
    public function __construct(private Audit $audit, private CompleteVisit $complete)
    {
    }

    public function __invoke(Actor $by, Schedule $schedule, string $reason, ?int $version = null): Schedule
    {
        return DB::transaction(function () use ($by, $schedule, $reason, $version): Schedule {
            $schedule = Versioned::lock($schedule, $version);
            $stands = $schedule->standing;
            if ($stands->isInHand() || $schedule->ended || $stands->next_due_on === null) {
                throw InvalidInput::because(
                    'cannot_skip',
                    'skip_reason',
                    match (true) {
                        $schedule->ended => 'This schedule has ended; there is no visit to skip.',
                        $stands->isInHand() => "The visit is in hand in {$stands->in_hand}. ".
                            'Cancel that order, and say there that the visit is skipped.',
                        default => 'No date can be expected yet, so there is no visit to skip.',
                    },
                );
            }
            $schedule->save();
            $visit = Visit::query()->updateOrCreate(
                ['schedule_id' => $schedule->id, 'number' => $schedule->standing->next_number],
                [
                    'point_on' => $schedule->standing->next_point_on,
                    'planned_on' => $schedule->standing->next_due_on,
                    'leading' => $schedule->standing->leading->value,
                    'expected' => $schedule->standing->expected,
                    'due_total' => $schedule->standing->usage_due,
                    'state' => VisitState::InHand,
                    'label' => null,
                ],
            );
            $schedule = ($this->complete)(
                $visit,
                LocalDate::parse((string) $schedule->standing->next_due_on),
                mb_substr($reason, 0, 250),
                null,
                $by,
            );
            $this->audit->record(
                $by,
                $schedule->subject(),
                "skipped visit {$visit->number} of {$schedule->name}, planned for ".
                    LocalDate::parse($visit->planned_on)->inWords(),
                [],
                $reason,
                [Asset::query()->findOrFail($schedule->asset_id)->subject()],
            );

            return $schedule;
        });
    }
}
