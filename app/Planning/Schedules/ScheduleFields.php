<?php

declare(strict_types=1);

namespace App\Planning\Schedules;

use App\Platform\Sites\OnSite;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\Unit;

/** The fields of a schedule as a form sends them: what each may hold, and how it is called where it does not. */
final class ScheduleFields
{
    public const MESSAGES = [
        'weekdays.required_if' => 'Choose at least one weekday.',
        'gauge_id.required_if' => 'Choose the gauge whose readings make it due.',
        'condition_limit.required_with' => 'Say beyond which value of the gauge it falls due.',
        'meter_id.required_if' => 'Choose the meter that it counts on.',
        'usage_every.required_with' => 'Say after how many units of the meter it falls due.',
        'method_id.required' => 'Choose a method. There is none yet? Write one under Plan, Methods.',
        'ends_on.after_or_equal' => 'The end lies before the first date.',
    ];

    /** @return array<string, list<mixed>> */
    public static function rules(int $siteId): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'method_id' => ['required', 'integer', 'exists:methods,id'],
            'team_id' => ['nullable', OnSite::record('teams', $siteId, 'team')],
            'round_id' => ['nullable', OnSite::record('rounds', $siteId, 'round')],
            'rule' => ['required', 'in:interval,weekdays,nth,usage,condition'],
            'every' => ['required_unless:rule,usage,condition', 'nullable', 'integer', 'between:1,999'],
            'unit' => ['required_if:rule,interval', 'in:'.implode(',', array_column(Unit::cases(), 'value'))],
            'weekdays' => ['required_if:rule,weekdays', 'nullable', 'array'],
            'weekdays.*' => ['integer', 'between:1,7'],
            'nth' => ['required_if:rule,nth', 'nullable', 'in:1,2,3,4,5,-1'],
            'nth_weekday' => ['required_if:rule,nth', 'nullable', 'integer', 'between:1,7'],
            'months' => ['nullable', 'array'],
            'months.*' => ['integer', 'between:1,12'],
            'non_working' => ['required', 'in:'.implode(',', array_column(NonWorking::cases(), 'value'))],
            'late_share' => ['nullable', 'integer', 'between:0,100'],
            'early_share' => ['nullable', 'integer', 'between:0,100'],
            'least_gap' => ['nullable', 'integer', 'between:0,999'],
            'ladder_start' => ['nullable', 'integer', 'between:1,999'],
            'lead' => ['required', 'integer', 'between:0,999'],
            'lead_unit' => ['required', 'in:days,percent'],
            'near_days' => ['nullable', 'integer', 'between:0,999'],
            'tolerance_days' => ['nullable', 'integer', 'between:0,999'],
            'statutory' => ['nullable', 'boolean'],
            'approve_at_once' => ['nullable'],
            'ends_on' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:anchor_on'],
            'gauge_id' => ['required_if:rule,condition', 'nullable', OnSite::record('meters', $siteId, 'gauge')],
            'condition_beyond' => ['nullable', 'in:high,low'],
            'condition_limit' => ['required_with:gauge_id', 'nullable', 'string', 'max:16'],
            'condition_readings' => ['nullable', 'integer', 'between:1,20'],
            'condition_hysteresis' => ['nullable', 'string', 'max:16'],
            'anchor_on' => ['required_unless:rule,usage,condition', 'nullable', 'date_format:Y-m-d'],
            'meter_id' => ['required_if:rule,usage', 'nullable', OnSite::record('meters', $siteId, 'meter')],
            'usage_every' => ['required_with:meter_id', 'nullable', 'string', 'max:16'],
            'usage_last' => ['nullable', 'string', 'max:16'],
            'last_done_on' => ['nullable', 'date_format:Y-m-d'],
            'also' => ['nullable', 'array', 'max:200'],
            'also.*' => [OnSite::record('assets', $siteId, 'asset')],
            'stagger' => ['nullable', 'integer', 'between:0,366'],
        ];
    }

    /** @return array<string, string> */
    public static function names(): array
    {
        return [
            'method_id' => 'method',
            'anchor_on' => 'first date',
            'last_done_on' => 'last done',
            'ends_on' => 'end',
            'late_share' => 'share of lateness',
            'early_share' => 'share of earliness',
            'ladder_start' => 'number of the next visit',
            'near_days' => 'near',
            'tolerance_days' => 'tolerance',
            'every' => 'number of the interval',
            'meter_id' => 'meter',
            'usage_every' => 'number of units',
            'usage_last' => 'reading when last done',
            'gauge_id' => 'gauge',
            'condition_limit' => 'limit',
            'condition_readings' => 'readings in a row',
            'condition_hysteresis' => 'hysteresis',
            'also.*' => 'asset',
            'stagger' => 'days between them',
        ];
    }
}
