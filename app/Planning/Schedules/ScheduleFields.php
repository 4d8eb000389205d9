<?php

declare(strict_types=1);

namespace App\Planning\Schedules;

use App\Platform\Sites\OnSite;
use App\Platform\Writing\FieldRules;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\Unit;
use Sundial\Import\CellKind;
use Sundial\Import\Column;
use Sundial\Planning\Trigger\RuleKind;

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

    /**
     * The columns of a file of schedules; the bounds of the form are those of its columns.
     *
     * @param  list<string>  $methods  codes
     * @param  list<string>  $teams  names
     * @return list<Column>
     */
    public static function columns(array $methods, array $teams): array
    {
        return [
            Column::text('tag', 40)->needed(),
            Column::text('schedule', 120)->needed()->saying('by which the row is known again'),
            Column::choice('method', $methods)->saying(
                'the code; others are written under Plan, Methods',
            ),
            Column::choice('rule', array_column(RuleKind::cases(), 'value'))->saying('interval if nothing is said'),
            Column::whole('every', 1, 999),
            Column::choice('unit', array_column(Unit::cases(), 'value'))->saying('days if nothing is said'),
            Column::text('weekdays', 40)->saying('such as Mon Thu'),
            Column::choice('which', ['1', '2', '3', '4', '5', '-1'])->saying(
                'of the month, for nth; -1 is the last',
            ),
            Column::text('months', 60)->saying('in which it is done; all if nothing is said'),
            Column::choice('non_working', array_column(NonWorking::cases(), 'value'), 'on a non-working day'),
            Column::of('first_date', CellKind::Date),
            Column::of('last_done', CellKind::Date),
            Column::text('meter', 80)->saying('the name of a counter of the asset'),
            Column::of('every_units', CellKind::Number, 'every units of the meter'),
            Column::of('reading_last', CellKind::Number, 'reading when last done'),
            Column::text('gauge', 80)->saying('the name of a gauge of the asset'),
            Column::choice('beyond', ['above', 'below']),
            Column::of('limit', CellKind::Number),
            Column::whole('in_a_row', 1, 20, 'readings in a row'),
            Column::of('back_inside', CellKind::Number, 'back inside means by'),
            Column::whole('late', 0, 100, 'late carried over, %'),
            Column::whole('early', 0, 100, 'early carried over, %'),
            Column::whole('lead', 0, 999),
            Column::choice('lead_unit', ['days', 'percent']),
            Column::whole('least_gap', 0, 999),
            Column::whole('tolerance', 0, 999, 'tolerance, days'),
            Column::of('statutory', CellKind::YesNo)->saying('whether the law sets the day: none after it is on time'),
            Column::whole('near', 0, 999, 'near, days'),
            Column::choice('team', $teams)->saying('others are added under Setup, Teams'),
            Column::of('approved', CellKind::YesNo, 'approved at once'),
            Column::of('ends', CellKind::Date),
            Column::whole('ladder_start', 1, 999, 'begins with visit'),
        ];
    }

    /** @return array<string, list<mixed>> */
    public static function rules(int $siteId): array
    {
        $fields = FieldRules::from(...self::columns([], []));

        return [
            'name' => $fields->of('schedule'),
            'method_id' => ['required', 'integer', 'exists:methods,id'],
            'team_id' => ['nullable', OnSite::record('teams', $siteId, 'team')],
            'round_id' => ['nullable', OnSite::record('rounds', $siteId, 'round')],
            'rule' => ['required', 'in:interval,weekdays,nth,usage,condition'],
            'every' => ['required_unless:rule,usage,condition', ...$fields->of('every')],
            'unit' => ['required_if:rule,interval', ...$fields->of('unit')],
            'weekdays' => ['required_if:rule,weekdays', 'nullable', 'array'],
            'weekdays.*' => ['integer', 'between:1,7'],
            'nth' => ['required_if:rule,nth', ...$fields->of('which')],
            'nth_weekday' => ['required_if:rule,nth', 'nullable', 'integer', 'between:1,7'],
            'months' => ['nullable', 'array'],
            'months.*' => ['integer', 'between:1,12'],
            'non_working' => ['required', ...$fields->of('non_working')],
            'late_share' => $fields->of('late'),
            'early_share' => $fields->of('early'),
            'least_gap' => $fields->of('least_gap'),
            'ladder_start' => $fields->of('ladder_start'),
            'lead' => ['required', ...$fields->of('lead')],
            'lead_unit' => ['required', ...$fields->of('lead_unit')],
            'near_days' => $fields->of('near'),
            'tolerance_days' => $fields->of('tolerance'),
            'statutory' => ['nullable', 'boolean'],
            'approve_at_once' => ['nullable'],
            'ends_on' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:anchor_on'],
            'gauge_id' => ['required_if:rule,condition', 'nullable', OnSite::record('meters', $siteId, 'gauge')],
            'condition_beyond' => ['nullable', 'in:high,low'],
            'condition_limit' => ['required_with:gauge_id', 'nullable', 'string', 'max:16'],
            'condition_readings' => $fields->of('in_a_row'),
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
