<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Register\Models\Meter;
use App\Register\Models\Reading;
use App\Register\Projections\MeterStanding;
use App\Register\Queries\MeterHistory;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/** Strikes a wrong reading out, with a reason, as a row of its own; what it had caused is counted afresh. */
final readonly class StrikeReading
{
    public function __construct(
        private MeterHistory $history,
        private MeterStanding $stand,
        private Audit $audit,
        private Clock $clock,
    ) {
    }

    /** @return list<string> what followed from it */
    public function __invoke(Actor $by, Reading $reading, string $reason): array
    {
        return DB::transaction(function () use ($by, $reading, $reason): array {
            $meter = Meter::query()->lockForUpdate()->findOrFail($reading->meter_id);
            if (DB::table('reading_strikes')->where('reading_id', $reading->id)->exists()) {
                return [];
            }
            if (! $meter->isGauge() && DB::table('reading_totals')->where('meter_id', $meter->id)->count() === 1) {
                throw InvalidInput::because(
                    'only_one',
                    'reason',
                    'This is the only reading of the meter. Take the right one first, then strike this one out.',
                );
            }
            DB::table('reading_strikes')->insert([
                'reading_id' => $reading->id,
                'user_id' => $by->id,
                'who' => $by->name,
                'reason' => mb_substr($reason, 0, 250),
                'struck_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ]);
            try {
                $meter->isGauge() ? null : ($this->history)($meter);
            } catch (InvalidInput $e) {
                throw InvalidInput::because(
                    'falls',
                    'reason',
                    "Without it, the reading of {$e->value} would lie below the one before it. Strike that one out ".
                        'first.',
                );
            }
            $said = $this->stand->afresh($meter);
            $this->audit->record(
                $by,
                $meter->subject(),
                "struck out the reading {$meter->text($reading->shown)} of ".
                    LocalDate::parse($reading->on_day)->inWords()." on {$meter->name}",
                [],
                $reason,
                [Subject::of('asset', $meter->asset_id, $meter->site_id)],
            );

            return $said;
        });
    }
}
