<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\Decision;

/**
 * Writes down what was decided on a schedule by hand, and the state to which it led: with that and the visits since,
 * where it stands can be counted again. A rule is kept with its number and its first day. The caller holds its row.
 */
final readonly class NoteDecision
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(?Actor $by, Schedule $schedule, Decision $what, ?LocalDate $on = null): void
    {
        DB::transaction(function () use ($by, $schedule, $what, $on): void {
            $by ??= Actor::sundial();
            $stamp = [
                'user_id' => $by->id,
                'who' => $by->name,
                'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
            ];
            DB::table('schedule_decisions')->insert([
                'schedule_id' => $schedule->id,
                'what' => $what->value,
                'on_day' => $on === null ? null : (string) $on,
                'state' => json_encode($schedule->standing->state, JSON_THROW_ON_ERROR),
            ] + $stamp);
            if ($what === Decision::Begin || $what === Decision::Rule) {
                $this->keepRule($schedule, $stamp);
            }
        });
    }

    /** @param  array<string, mixed>  $stamp */
    private function keepRule(Schedule $schedule, array $stamp): void
    {
        $kept = DB::table('schedule_rules')->where('schedule_id', $schedule->id)->max('number');
        DB::table('schedule_rules')->insert([
            'schedule_id' => $schedule->id,
            'number' => (int) $kept + 1,
            'from_on' => (string) $schedule->state()->base,
            'agreed' => json_encode($schedule->only(Schedule::AGREED), JSON_THROW_ON_ERROR),
        ] + $stamp);
    }
}
