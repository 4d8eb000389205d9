<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\Planning\Models\Schedule;
use App\Planning\Models\Visit;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Forecast;
use Sundial\Planning\VisitDates;
use Sundial\Support\InvalidInput;

/** Turns the fields of the schedule form into a schedule, and shows what it would do before anything is saved. */
final class ScheduleDraft
{
    /** What decides its dates: when one of these changes, the next date is counted afresh. */
    public const RULE = ['rule', 'every', 'unit', 'weekdays', 'nth', 'months', 'non_working', 'anchor_on', 'last_done_on'];

    public const FIELDS = ['name', 'method_id', 'team_id', 'rule', 'every', 'unit', 'weekdays', 'nth', 'months', 'non_working', 'late_share', 'early_share', 'least_gap', 'lead', 'lead_unit', 'near_days', 'tolerance_days', 'approve_at_once', 'ends_on', 'anchor_on', 'last_done_on'];

    /** @param  array<string, mixed>  $input */
    public function fill(Schedule $schedule, array $input): Schedule
    {
        $rule = (string) ($input['rule'] ?? Schedule::INTERVAL);
        $days = array_map(intval(...), (array) ($input[$rule === Schedule::NTH ? 'nth_weekday' : 'weekdays'] ?? []));
        $months = array_map(intval(...), (array) ($input['months'] ?? []));
        $optional = static fn (string $field): ?int => ($input[$field] ?? '') === '' || $input[$field] === null ? null : (int) $input[$field];
        $interval = $rule === Schedule::INTERVAL;

        return $schedule->fill([
            'name' => (string) $input['name'], 'method_id' => (int) $input['method_id'], 'team_id' => $optional('team_id'),
            'rule' => $rule, 'every' => (int) $input['every'],
            'unit' => match ($rule) {
                Schedule::WEEKDAYS => 'weeks',
                Schedule::NTH => 'months',
                default => (string) $input['unit'],
            },
            'weekdays' => $interval ? null : implode(',', $days), 'nth' => $rule === Schedule::NTH ? (int) $input['nth'] : null,
            'months' => $months === [] || count($months) === 12 ? null : implode(',', $months), 'non_working' => (string) ($input['non_working'] ?? 'keep'),
            'late_share' => $interval ? (int) ($input['late_share'] ?? 0) : 0, 'early_share' => $interval ? (int) ($input['early_share'] ?? 0) : 0, 'least_gap' => (int) ($input['least_gap'] ?? 0),
            'lead' => (int) $input['lead'], 'lead_unit' => (string) ($input['lead_unit'] ?? 'days'), 'near_days' => $optional('near_days'), 'tolerance_days' => $optional('tolerance_days'),
            'approve_at_once' => (bool) ($input['approve_at_once'] ?? false), 'ends_on' => ($input['ends_on'] ?? '') ?: null,
            'anchor_on' => (string) $input['anchor_on'], 'last_done_on' => ($input['last_done_on'] ?? '') ?: null,
        ]);
    }

    /** Finds the first point and every date that hangs on it. */
    public function start(Schedule $schedule, WorkingDays $days): VisitDates
    {
        $trigger = $schedule->trigger($days);
        $last = $schedule->last_done_on === null ? null : LocalDate::parse($schedule->last_done_on, 'last_done_on');
        $used = $schedule->exists ? $this->lastUsed($schedule->id) : null;
        $after = $last !== null && $used !== null ? LocalDate::later($last, $used) : $last ?? $used;
        $point = Forecast::first($trigger, LocalDate::parse($schedule->anchor_on, 'anchor_on'), $after);

        return $schedule->standAt($trigger, $point, $last ?? $point->plusDays(-$trigger->intervalAt($point)));
    }

    /** The date of the last visit that was done, skipped, missed or suspended: none is planned again on or before it. */
    private function lastUsed(int $scheduleId): ?LocalDate
    {
        $last = Visit::query()->where('schedule_id', $scheduleId)->whereNotIn('state', [Visit::IN_HAND, Visit::GIVEN_BACK])->max('planned_on');

        return $last === null ? null : LocalDate::parse((string) $last);
    }

    /**
     * The next visits that this schedule would have.
     *
     * @return list<VisitDates>
     *
     * @throws InvalidInput
     */
    public function preview(Schedule $schedule, WorkingDays $days, int $count): array
    {
        if (! $schedule->exists) {
            $this->start($schedule, $days);
        }
        $ends = $schedule->ends_on === null ? null : LocalDate::parse($schedule->ends_on, 'ends_on');
        $visits = [];
        foreach (Forecast::of($schedule->trigger($days), LocalDate::parse($schedule->base_on), LocalDate::parse($schedule->next_point_on), $schedule->leadTime(), $schedule->near_days, $schedule->tolerance_days, $ends) as $visit) {
            $visits[] = $visit;
            if (count($visits) >= $count) {
                break;
            }
        }

        return $visits;
    }

    /** Sentences about what looks wrong in a draft, though it can be saved. @return list<string> */
    public function warnings(Schedule $schedule, LocalDate $today): array
    {
        $lead = $schedule->leadTime()->inDays($schedule->interval_days);
        $warnings = [];
        if ($lead > $schedule->interval_days) {
            $warnings[] = "The lead of {$lead} days is longer than the interval of {$schedule->interval_days}: each order would be made as soon as the one before it is done.";
        }
        if (LocalDate::parse($schedule->next_due_on)->isBefore($today)) {
            $warnings[] = 'The first date lies in the past, so this schedule starts late. If the work was done since, say when under “last done”.';
        }

        return $warnings;
    }
}
