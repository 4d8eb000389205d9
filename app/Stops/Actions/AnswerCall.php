<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\People\Models\User;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Stops\Models\MaintenanceCall;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says who comes to a call. */
final readonly class AnswerCall
{
    public function __construct(private Clock $clock, private Audit $audit)
    {
    }

    /** Refuses: over. */
    public function __invoke(User $person, MaintenanceCall $call): MaintenanceCall
    {
        return DB::transaction(function () use ($person, $call): MaintenanceCall {
            $call = MaintenanceCall::query()->with('asset')->lockForUpdate()->findOrFail($call->id);
            if ($call->over_at !== null) {
                throw InvalidInput::because('over', 'call', 'This call is over.');
            }
            if ($call->comes_id === $person->id) {
                return $call;
            }
            $call->fill([
                'comes_id' => $person->id,
                'comes_who' => $person->name,
                'comes_at' => $this->clock->now()->format('Y-m-d H:i:s'),
                'arrived_at' => null,
            ])->save();
            $this->audit->record(
                $person->actor(),
                $call->subject(),
                "comes to {$call->asset->name}",
                [],
                null,
                [$call->asset->subject()],
            );

            return $call;
        });
    }
}
