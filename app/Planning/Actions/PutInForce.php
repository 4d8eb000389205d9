<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Planning\Projections\ComingVisits;
use App\Planning\Queries\LadderOf;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\RevisionState;
use Sundial\Support\InvalidInput;

/**
 * Puts the draft of a method in force; the revision before it is superseded, and orders made from now on follow the
 * new one.
 */
final readonly class PutInForce
{
    public function __construct(
        private Audit $audit,
        private Clock $clock,
        private LadderOf $ladders,
        private ComingVisits $keep,
    ) {
    }

    public function __invoke(Actor $by, Method $method, ?string $why = null): Method
    {
        return DB::transaction(function () use ($by, $method, $why): Method {
            $method = Method::query()->lockForUpdate()->findOrFail($method->id);
            $draft =
                $method->revisions()->where('state', RevisionState::Draft)->first() ??
                throw InvalidInput::because(
                    'no_draft',
                    'form',
                    'There is no draft to put in force. Change the method first.',
                );
            $old = $method->inForce()->first();
            $old?->update(['state' => RevisionState::Superseded]);
            $draft->update([
                'state' => RevisionState::InForce,
                'why' => $why,
                'put_by' => $by->name,
                'put_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            // Whoever has the form open learns of it.
            $method->forceFill(['version' => $method->version + 1])->save();
            $this->ladders->forget($method->id);
            if ($old?->ladder !== $draft->ladder) {
                // The levels of the visits to come change with the ladder.
                Schedule::query()
                    ->where('method_id', $method->id)
                    ->where('ended', false)
                    ->orderBy('id')
                    ->each(fn (Schedule $schedule) => ($this->keep)($schedule));
            }
            $this->audit->record(
                $by,
                Subject::of('method', $method->id),
                "put revision {$draft->number} of {$method->name} in force",
                ['in force' => [$old?->number, $draft->number]],
                $why,
            );

            return $method;
        });
    }
}
