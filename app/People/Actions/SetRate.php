<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Rate;
use App\People\Models\Trade;
use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;

/**
 * Sets what an hour of a trade or a person costs from a day on. Bookings made before keep the rate they were booked
 * at.
 */
final readonly class SetRate
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Trade|User $of, LocalDate $from, HourlyRate $hourly): Rate
    {
        return DB::transaction(function () use ($by, $of, $from, $hourly): Rate {
            $column = $of instanceof Trade ? 'trade_id' : 'user_id';
            $rate =
                Rate::query()
                    ->where($column, $of->id)
                    ->where('from_day', (string) $from)
                    ->lockForUpdate()
                    ->first() ?? new Rate([$column => $of->id, 'from_day' => (string) $from]);
            $old = $rate->exists ? $rate->hourly()->plain() : null;
            $rate->rate = $hourly->plain();
            $rate->save();
            $this->audit->record(
                $by,
                Subject::of($of instanceof Trade ? 'trade' : 'person', $of->id),
                "set the rate from {$from->inWords()}",
                ['rate' => [$old, $hourly->plain()]],
            );

            return $rate;
        });
    }
}
