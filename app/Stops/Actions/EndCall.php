<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Stops\Models\MaintenanceCall;
use Illuminate\Support\Facades\DB;

/** Ends a call that nobody needs any more, with a reason. */
final readonly class EndCall
{
    public function __construct(private Clock $clock, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, MaintenanceCall $call, string $because): void
    {
        DB::transaction(function () use ($by, $call, $because): void {
            $call = MaintenanceCall::query()->with('asset')->lockForUpdate()->findOrFail($call->id);
            if ($call->over_at !== null) {
                return;
            }
            $call->fill(['over_at' => $this->clock->now()->format('Y-m-d H:i:s')])->save();
            $this->audit->record(
                $by,
                $call->subject(),
                "ended the call to {$call->asset->name}",
                [],
                $because,
                [$call->asset->subject()],
            );
        });
    }
}
