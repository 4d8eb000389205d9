<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\People\Models\Team;
use App\Platform\Subject;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\NonWorking;
use Sundial\Calendar\RecurrenceRule;
use Sundial\Calendar\Season;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\CalendarTrigger;
use Sundial\Planning\CarryOver;
use Sundial\Planning\LeadTime;
use Sundial\Planning\VisitDates;

/**
 * A method on an asset, with what makes it fall due, and where it stands now.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property int $method_id
 * @property int|null $team_id
 * @property string $name
 * @property string $rule
 * @property int $every
 * @property string $unit
 * @property string|null $weekdays
 * @property int|null $nth
 * @property string|null $months
 * @property string $non_working
 * @property int $late_share
 * @property int $early_share
 * @property int $least_gap
 * @property int $lead
 * @property string $lead_unit
 * @property int|null $near_days
 * @property int|null $tolerance_days
 * @property bool $approve_at_once
 * @property string|null $ends_on
 * @property string $anchor_on
 * @property string|null $last_done_on
 * @property int $next_number
 * @property string $next_point_on
 * @property string $next_due_on
 * @property string $base_on
 * @property string $near_from
 * @property string $release_on
 * @property int $interval_days
 * @property array<string, mixed>|null $because
 * @property string|null $in_hand
 * @property string|null $held_from
 * @property bool $ended
 * @property int $version
 * @property-read Asset $asset
 * @property-read Method $method
 * @property-read Team|null $team
 */
final class Schedule extends Model
{
    public const INTERVAL = 'interval';

    public const WEEKDAYS = 'weekdays';

    public const NTH = 'nth';

    /** The columns that say where it stands, kept aside when a visit is completed so that it can be taken back. */
    public const STANDING = ['anchor_on', 'last_done_on', 'next_number', 'next_point_on', 'next_due_on', 'base_on', 'near_from', 'release_on', 'interval_days', 'because'];

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    protected $casts = ['approve_at_once' => 'bool', 'ended' => 'bool', 'because' => 'array'];

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return BelongsTo<Method, $this> */
    public function method(): BelongsTo
    {
        return $this->belongsTo(Method::class);
    }

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return HasMany<Visit, $this> */
    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class)->orderByDesc('number');
    }

    public function subject(): Subject
    {
        return Subject::of('schedule', $this->id, $this->site_id);
    }

    public function trigger(WorkingDays $days): CalendarTrigger
    {
        $anchor = LocalDate::parse($this->anchor_on, 'anchor_on');
        $season = $this->season();
        $move = NonWorking::from($this->non_working);
        $weekdays = self::numbers($this->weekdays);

        return match ($this->rule) {
            self::WEEKDAYS => CalendarTrigger::rule(RecurrenceRule::weekdays($anchor, $this->every, $weekdays), $this->least_gap, $season, $move, $days),
            self::NTH => CalendarTrigger::rule(RecurrenceRule::nthWeekday($anchor, $this->every, (int) $this->nth, $weekdays[0] ?? 0), $this->least_gap, $season, $move, $days),
            default => CalendarTrigger::interval(Interval::every($this->every, Unit::from($this->unit), $anchor), CarryOver::of($this->late_share, $this->early_share, $this->least_gap), $season, $move, $days),
        };
    }

    public function season(): Season
    {
        return $this->months === null || $this->months === '' ? Season::wholeYear() : Season::months(self::numbers($this->months));
    }

    public function leadTime(): LeadTime
    {
        return $this->lead_unit === 'percent' ? LeadTime::percent($this->lead) : LeadTime::days($this->lead);
    }

    /** Takes the next point and works out every date that hangs on it. */
    public function standAt(CalendarTrigger $trigger, LocalDate $point, LocalDate $base): VisitDates
    {
        $visit = VisitDates::of($base, $trigger->dateOf($point), $trigger->intervalAt($point), $this->leadTime(), $this->near_days, $this->tolerance_days);
        $this->fill([
            'next_point_on' => (string) $point, 'next_due_on' => (string) $visit->planned, 'base_on' => (string) $base,
            'near_from' => (string) $visit->nearFrom, 'release_on' => (string) $visit->release, 'interval_days' => $visit->interval,
        ]);

        return $visit;
    }

    /** The dates of the next visit as they stand. */
    public function nextVisit(): VisitDates
    {
        return VisitDates::of(LocalDate::parse($this->base_on), LocalDate::parse($this->next_due_on), $this->interval_days, $this->leadTime(), $this->near_days, $this->tolerance_days);
    }

    /** @return list<int> */
    public static function numbers(?string $list): array
    {
        return array_map(intval(...), array_filter(explode(',', (string) $list), static fn (string $part): bool => $part !== ''));
    }
}
