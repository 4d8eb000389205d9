<?php

declare(strict_types=1);

namespace App\Planning\Imports;

use App\People\Models\Team;
use App\Planning\Models\Method;
use App\Planning\Models\Schedule;
use App\Register\Models\Asset;
use App\Register\Queries\MeterByName;
use Sundial\Planning\Trigger\RuleKind;
use Sundial\Planning\Trigger\WeekdayWords;

/** A schedule as a row of a file, and a row as the form of a schedule would send it. */
final readonly class ScheduleCells
{
    public function __construct(private MeterByName $meters)
    {
    }

    /**
     * What the form of a schedule would send.
     *
     * @param  array<string, string|null>  $cells
     * @return array<string, mixed>
     */
    public function input(int $siteId, Asset $asset, array $cells): array
    {
        $meter = isset($cells['meter']) ? ($this->meters)($siteId, $asset->tag, $cells['meter']) : null;
        $gauge = isset($cells['gauge']) ? ($this->meters)($siteId, $asset->tag, $cells['gauge']) : null;
        $days = WeekdayWords::days((string) ($cells['weekdays'] ?? ''), 'weekdays');

        return [
            'name' => (string) $cells['schedule'],
            'method_id' => (int) Method::query()->where('code', $cells['method'])->value('id'),
            'team_id' => isset($cells['team'])
                ? Team::query()->where('site_id', $siteId)->where('name', $cells['team'])->value('id')
                : null,
            'rule' => $cells['rule'] ?? Schedule::INTERVAL,
            'every' => $cells['every'] ?? null,
            'unit' => $cells['unit'] ?? 'days',
            'weekdays' => $days,
            'nth' => $cells['which'] ?? null,
            'nth_weekday' => array_slice($days, 0, 1),
            'months' => WeekdayWords::months((string) ($cells['months'] ?? ''), 'months'),
            'non_working' => $cells['non_working'] ?? 'keep',
            'late_share' => $cells['late'] ?? 0,
            'early_share' => $cells['early'] ?? 0,
            'least_gap' => $cells['least_gap'] ?? 0,
            'lead' => $cells['lead'] ?? 5,
            'lead_unit' => $cells['lead_unit'] ?? 'days',
            'near_days' => $cells['near'] ?? null,
            'tolerance_days' => $cells['tolerance'] ?? null,
            'statutory' => ($cells['statutory'] ?? '0') === '1',
            'gauge_id' => $gauge?->id,
            'condition_beyond' => ($cells['beyond'] ?? 'above') === 'below' ? 'low' : 'high',
            'condition_limit' => $cells['limit'] ?? null,
            'condition_readings' => $cells['in_a_row'] ?? 1,
            'condition_hysteresis' => $cells['back_inside'] ?? null,
            'approve_at_once' => ($cells['approved'] ?? '1') === '1',
            'ends_on' => $cells['ends'] ?? null,
            'anchor_on' => $cells['first_date'] ?? null,
            'last_done_on' => $cells['last_done'] ?? null,
            'meter_id' => $meter?->id,
            'usage_every' => $meter === null ? null : $cells['every_units'] ?? '',
            'usage_last' => $cells['reading_last'] ?? null,
            'ladder_start' => $cells['ladder_start'] ?? 1,
        ];
    }

    /** @return array<string, string|null> */
    public static function of(Schedule $schedule): array
    {
        $schedule->loadMissing(['method:id,code', 'team:id,name', 'meter:id,name', 'gauge:id,name']);
        $calendar = RuleKind::from($schedule->rule)->isByCalendar();
        $gauge = $schedule->gauge !== null;
        $text = static fn (mixed $value): ?string => $value === null || $value === '' ? null : (string) $value;

        return [
            'method' => $schedule->method->code,
            'rule' => $schedule->rule,
            'every' => $calendar ? (string) $schedule->every : null,
            'unit' => $schedule->rule === Schedule::INTERVAL ? $schedule->unit : null,
            'weekdays' => $text(WeekdayWords::ofDays(Schedule::numbers($schedule->weekdays))),
            'which' => $text($schedule->nth),
            'months' => $text(WeekdayWords::ofMonths(Schedule::numbers($schedule->months))),
            'non_working' => $schedule->non_working,
            'first_date' => $calendar ? $schedule->anchor_on : null,
            'last_done' => $schedule->last_done_on,
            'meter' => $schedule->meter?->name,
            'every_units' => $text($schedule->usage_every),
            'reading_last' => null,
            'gauge' => $schedule->gauge?->name,
            'beyond' => $gauge ? ($schedule->condition_beyond === 'low' ? 'below' : 'above') : null,
            'limit' => $text($schedule->condition_limit),
            'in_a_row' => $text($schedule->condition_readings),
            'back_inside' => $text($schedule->condition_hysteresis),
            'late' => (string) $schedule->late_share,
            'early' => (string) $schedule->early_share,
            'lead' => (string) $schedule->lead,
            'lead_unit' => $schedule->lead_unit,
            'least_gap' => (string) $schedule->least_gap,
            'tolerance' => $text($schedule->tolerance_days),
            'statutory' => $schedule->statutory ? '1' : '0',
            'near' => $text($schedule->near_days),
            'team' => $schedule->team?->name,
            'approved' => $schedule->approve_at_once ? '1' : '0',
            'ends' => $schedule->ends_on,
            'ladder_start' => (string) $schedule->ladder_start,
        ];
    }
}
