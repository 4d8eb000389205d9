<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\Site;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Visit\MovedVisit;
use Sundial\Support\InvalidInput;

/**
 * Moves the next visit of a schedule to another day within its tolerance, and only that one; to the day of its rule
 * takes the move back.
 */
final readonly class MoveVisit
{
    public function __construct(private Audit $audit, private SettleSchedule $settle, private SiteDays $days)
    {
    }

    /** @return string the day on which it stood before */
    public function __invoke(Actor $by, Schedule $schedule, LocalDate $to, ?int $version = null): string
    {
        return DB::transaction(function () use ($by, $schedule, $to, $version): string {
            $schedule = Versioned::lock($schedule, $version);
            $visit = $schedule->nextVisit();
            if ($schedule->ended || $schedule->in_hand !== null || $visit === null) {
                throw InvalidInput::because(
                    'cannot_move',
                    'moved_to',
                    $schedule->in_hand !== null
                        ? "The visit is in hand: move the order {$schedule->in_hand} instead."
                        : 'There is no visit with a date that could be moved.',
                );
            }
            $before = (string) $schedule->next_due_on;
            $rule = LocalDate::parse($schedule->moved_from ?? $before);
            MovedVisit::check($rule, $to, $visit->tolerance, $visit->after, $this->days->today($schedule->site_id));
            $schedule->fill(
                $to->is($rule)
                    ? ['moved_to' => null, 'moved_from' => null]
                    : ['moved_to' => (string) $to, 'moved_from' => (string) $rule],
            );
            $days = Site::query()->with('restDays')->findOrFail($schedule->site_id)->workingDays();
            $schedule = ($this->settle)(
                $schedule,
                $schedule->triggers($days),
                Schedule::day($schedule->next_point_on),
                Schedule::quantity($schedule->usage_due),
                LocalDate::parse($schedule->base_on),
            );
            $this->audit->record(
                $by,
                $schedule->subject(),
                "moved visit {$schedule->next_number} of {$schedule->name} to {$to}",
                ['planned' => [$before, (string) $to]],
                null,
                [Asset::query()->findOrFail($schedule->asset_id)->subject()],
            );

            return $before;
        });
    }
}
