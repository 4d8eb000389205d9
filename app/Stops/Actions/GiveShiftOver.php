<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Stops\Models\ShiftHandover;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Hands a shift over: what was told stands as it was, with the remarks, signed by whoever gives it. */
final readonly class GiveShiftOver
{
    public function __construct(private Clock $clock, private Audit $audit)
    {
    }

    /**
     * @param  array{day: string, shift: string}  $shift
     * @param  list<array{title: string, lines: list<array{words: string, href: string}>}>  $told
     *
     * Refuses: given.
     */
    public function __invoke(User $person, int $siteId, array $shift, ?string $remarks, array $told): ShiftHandover
    {
        return DB::transaction(function () use ($person, $siteId, $shift, $remarks, $told): ShiftHandover {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $handover = ShiftHandover::query()->firstOrNew(['site_id' => $siteId, ...$shift]);
            if ($handover->exists) {
                throw InvalidInput::because(
                    'given',
                    'form',
                    "{$handover->given_who} has handed this shift over already.",
                );
            }
            $handover->fill([
                'remarks' => $remarks,
                'told' => $told,
                'given_at' => $this->clock->now()->format('Y-m-d H:i:s'),
                'given_by' => $person->id,
                'given_who' => $person->name,
            ])->save();
            $this->audit->record(
                $person->actor(),
                $handover->subject(),
                "handed the {$shift['shift']} shift of {$shift['day']} over",
                [],
                $remarks,
            );

            return $handover;
        });
    }
}
