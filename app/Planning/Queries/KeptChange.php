<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The change of a schedule that was kept for a day to come. */
final readonly class KeptChange
{
    public function of(Schedule $schedule): ?stdClass
    {
        return DB::table('schedule_changes')->where('schedule_id', $schedule->id)->first();
    }
}
