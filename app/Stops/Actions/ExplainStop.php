<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stops\Models\Stop;
use App\Stops\Projections\StopShifts;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Says at the line why it stood, and which other machine caused it. */
final readonly class ExplainStop
{
    public function __construct(private SayWhy $why, private StopShifts $shifts, private Audit $audit)
    {
    }

    /** Refuses: as saying why; elsewhere. */
    public function __invoke(Actor $by, Stop $stop, string $reason, ?int $causeId, ?string $note = null): Stop
    {
        return DB::transaction(function () use ($by, $stop, $reason, $causeId, $note): Stop {
            $stop = ($this->why)($by, $stop, $reason);
            if ($note !== null && trim($note) !== '') {
                $stop->fill(['note' => mb_substr(trim("{$stop->note}\n".trim($note)), 0, 500)])->save();
            }
            if ($causeId === null || $causeId === $stop->asset_id) {
                return $stop;
            }
            $cause = DB::table('assets')->where('id', $causeId)->where('site_id', $stop->site_id)->value('name');
            if ($cause === null) {
                throw InvalidInput::because('elsewhere', 'cause', 'The machine that caused it is not of this site.');
            }
            $stop->fill(['cause_asset_id' => $causeId])->save();
            $this->shifts->keep($stop->asset_id, $stop->from_at, $stop->to_at);
            $this->audit->record($by, $stop->subject(), "said that {$cause} caused it");

            return $stop;
        });
    }
}
