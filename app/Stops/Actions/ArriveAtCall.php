<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stops\Models\Line;
use App\Stops\Models\MaintenanceCall;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says that whoever was called has arrived at the line. */
final readonly class ArriveAtCall
{
    public function __construct(private Audit $audit)
    {
    }

    /**
     * @return int the call
     *
     * Refuses: none.
     */
    public function __invoke(Actor $by, Line $line, DateTimeImmutable $at): int
    {
        return DB::transaction(function () use ($by, $line, $at): int {
            $call = MaintenanceCall::query()
                ->with('asset')
                ->where('line_id', $line->id)
                ->whereNull('over_at')
                ->lockForUpdate()
                ->first() ?? throw InvalidInput::because('none', 'call', 'No call stands on this line.');
            if ($call->arrived_at === null) {
                $call->fill(['arrived_at' => max($call->called_at, $at->format('Y-m-d H:i:s'))])->save();
                $this->audit->record(
                    $by,
                    $call->subject(),
                    ($call->comes_who ?? 'maintenance')." arrived at {$call->asset->name}",
                    [],
                    null,
                    [$call->asset->subject()],
                );
            }

            return $call->id;
        });
    }
}
