<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\ScheduleInput;
use App\Planning\Models\Schedule;
use App\Planning\Queries\ScheduleDraft;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Sites\Site;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * Keeps a change of a schedule for a day to come; until then its old rule holds. It takes the place of one that was
 * kept before.
 */
final readonly class ChangeFromDay
{
    public function __construct(private Audit $audit, private Clock $clock, private ScheduleDraft $draft)
    {
    }

    /** @param  ScheduleInput|null  $input  null takes the kept change back */
    public function __invoke(
        Actor $by,
        Schedule $schedule,
        ?ScheduleInput $input,
        ?LocalDate $from = null,
        ?int $version = null,
    ): void {
        DB::transaction(function () use ($by, $schedule, $input, $from, $version): void {
            $schedule = Versioned::lock($schedule, $version);
            if ($schedule->ended) {
                throw InvalidInput::because(
                    'ended',
                    'form',
                    'This schedule has ended and is not changed any more. Put a new one on the asset.',
                );
            }
            $schedule->save();
            DB::table('schedule_changes')->where('schedule_id', $schedule->id)->delete();
            if ($input === null || $from === null) {
                $this->audit->record(
                    $by,
                    $schedule->subject(),
                    "took back the change of {$schedule->name} that was to come",
                );

                return;
            }
            $site = Site::query()->with('restDays')->findOrFail($schedule->site_id);
            if (! $from->isAfter($site->dayOf($this->clock->now()))) {
                throw InvalidInput::because(
                    'past',
                    'from_on',
                    'A change that takes effect today is saved at once: leave the day empty.',
                );
            }
            // What could not be saved on the day is refused now.
            $this->draft->start(
                $this->draft->fill(clone $schedule, $input),
                $input->usageLast(),
            );
            DB::table('schedule_changes')->insert([
                'schedule_id' => $schedule->id,
                'site_id' => $schedule->site_id,
                'from_on' => (string) $from,
                'input' => $input->json(),
                'user_id' => $by->id,
                'who' => $by->name,
                'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            $this->audit->record($by, $schedule->subject(), "changes {$schedule->name} from {$from->inWords()} on");
        });
    }
}
