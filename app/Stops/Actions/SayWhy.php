<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Stops\Models\Stop;
use App\Stops\Projections\ShiftSums;
use App\Stops\Queries\StopReasons;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says of which reason of the list a stop was, once it is over and somebody knows. */
final readonly class SayWhy
{
    public function __construct(private StopReasons $reasons, private ShiftSums $sums, private Audit $audit)
    {
    }

    /** Refuses: struck, no_reason. */
    public function __invoke(Actor $by, Stop $stop, string $reason): Stop
    {
        return DB::transaction(function () use ($by, $stop, $reason): Stop {
            $stop = Versioned::lock($stop, null)->load('asset');
            if ($stop->struck_at !== null) {
                throw InvalidInput::because('struck', 'why', 'This stop was struck out; it is corrected no more.');
            }
            $facts = $this->reasons->facts($reason, $stop->asset->class_id, $stop->planned);
            if ($facts['reason_id'] === null) {
                throw InvalidInput::because(
                    'no_reason',
                    'why',
                    "“{$reason}” is none of the list. Choose one.",
                    $reason,
                );
            }
            $before = $stop->reason;
            if (! $stop->fill($facts)->isDirty(array_keys($facts))) {
                return $stop->refresh();
            }
            $stop->save();
            $this->sums->stood($stop->asset_id, $stop->from_at, $stop->to_at);
            $this->audit->record(
                $by,
                Subject::of('stop', $stop->id, $stop->site_id),
                "said why {$stop->asset->name} stood: {$stop->reason}",
                ['reason' => [$before, $stop->reason]],
                null,
                [$stop->asset->subject()],
            );

            return $stop;
        });
    }
}
