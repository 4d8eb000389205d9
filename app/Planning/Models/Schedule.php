<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\People\Models\Team;
use App\Planning\Schedules\AgreedRule;
use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Register\Models\Meter;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Collection;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\RuleText;
use Sundial\Calendar\Season;
use Sundial\Planning\Schedule\Holds;
use Sundial\Planning\Schedule\MethodState;
use Sundial\Planning\Schedule\PlannedVisit;
use Sundial\Planning\Schedule\ReleaseDecision;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Trigger\RuleKind;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\Nearness;
use Sundial\Planning\Visit\Pause;
use Sundial\Planning\Visit\VisitDates;
use Sundial\Support\Quantity;

/**
 * A method on an asset, with what makes it fall due, and where it stands now.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property int $method_id
 * @property int|null $team_id
 * @property int|null $round_id
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
 * @property bool $statutory the law sets the day: nothing after it is on time
 * @property int|null $tolerance_days
 * @property bool $approve_at_once
 * @property string|null $ends_on
 * @property string $anchor_on
 * @property string|null $last_done_on
 * @property int $ladder_start
 * @property string|null $held_from
 * @property string|null $paused_from
 * @property string|null $paused_until
 * @property string|null $pause_reason
 * @property bool $ended
 * @property int|null $meter_id
 * @property string|null $usage_every
 * @property int|null $gauge_id
 * @property string|null $condition_beyond
 * @property string|null $condition_limit
 * @property int|null $condition_readings
 * @property string|null $condition_hysteresis
 * @property int $version
 * @property-read Asset $asset
 * @property-read ScheduleStanding $standing
 * @property-read Meter|null $meter
 * @property-read Meter|null $gauge
 * @property-read Method $method
 * @property-read Team|null $team
 * @property-read Round|null $round
 */
final class Schedule extends Record
{
    protected $table = 'schedules';

    public const INTERVAL = RuleKind::Interval->value;

    public const WEEKDAYS = RuleKind::Weekdays->value;

    public const NTH = RuleKind::NthWeekday->value;

    public const USAGE = RuleKind::Usage->value;

    public const CONDITION = RuleKind::Condition->value;

    /** What was agreed for it, as its numbered rules keep it. */
    public const AGREED = [
        'method_id',
        'round_id',
        'rule',
        'every',
        'unit',
        'weekdays',
        'nth',
        'months',
        'non_working',
        'late_share',
        'early_share',
        'least_gap',
        'meter_id',
        'usage_every',
        'gauge_id',
        'condition_beyond',
        'condition_limit',
        'condition_readings',
        'condition_hysteresis',
        'lead',
        'lead_unit',
        'near_days',
        'tolerance_days',
        'statutory',
        'ladder_start',
        'anchor_on',
        'last_done_on',
        'ends_on',
    ];

    protected $guarded = [];

    /**
     * It is never read without where it stands.
     *
     * @var list<string>
     */
    protected $with = ['standing'];

    protected $attributes = ['statutory' => false, 'version' => 1, 'ladder_start' => 1];

    /** @var array<string, string> */
    protected $casts = [
        'statutory' => 'bool',
        'approve_at_once' => 'bool',
        'ended' => 'bool',
    ];

    /** @return HasOne<ScheduleStanding, $this> */
    public function standing(): HasOne
    {
        return $this->hasOne(ScheduleStanding::class)->withDefault();
    }

    /** A draft of it stands for itself: what is tried on the copy never reaches the original. */
    public function __clone(): void
    {
        $this->setRelation('standing', clone $this->standing);
    }

    /** @return Builder<self> beside where they stand, to sort and filter by; both are read in one statement */
    public static function standings(): Builder
    {
        $query = self::query()->without('standing');
        $query->join('schedule_standings', 'schedule_standings.schedule_id', '=', 'schedules.id');
        $query->select('schedules.*')->addSelect(
            array_map(
                static fn (string $column): string => "schedule_standings.{$column} as standing_{$column}",
                ScheduleStanding::COLUMNS,
            ),
        );
        $query->afterQuery(static function (Collection $found): void {
            foreach ($found as $one) {
                $one instanceof self ? $one->takeStanding() : null;
            }
        });

        return $query;
    }

    /** Puts the columns that were read beside it where they belong. */
    private function takeStanding(): void
    {
        $own = $this->getAttributes();
        if (! array_key_exists('standing_state', $own)) {
            return;
        }
        $stands = [];
        foreach (ScheduleStanding::COLUMNS as $column) {
            $stands[$column] = $own["standing_{$column}"];
            unset($own["standing_{$column}"]);
        }
        $this->setRawAttributes($own, true);
        $this->setRelation('standing', (new ScheduleStanding())->newFromBuilder($stands));
    }

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

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /**
     * @return Builder<self> those that have not ended, whose next visit is neither in hand nor held up: an order
     *     may be made for it
     */
    public static function free(): Builder
    {
        return self::standings()
            ->where('schedules.ended', false)
            ->whereNull('schedule_standings.visit_id')
            ->whereNull('schedules.held_from');
    }

    /**
     * @return Builder<self> of the free ones, those that stand on one asset and have a next date: their visits
     *     may join another order
     */
    public static function joinable(): Builder
    {
        return self::free()->whereNull('schedules.round_id')->whereNotNull('schedule_standings.next_due_on');
    }

    /** Whether an order for its next visit is made on a day, and why not. */
    public function releaseDecision(LocalDate $on): ReleaseDecision
    {
        return ReleaseDecision::of(
            $on,
            PlannedVisit::of(
                $this->nextVisit(),
                $this->standing->leading,
                $this->state()->calendar?->point,
                $this->agreed(),
            ),
            $this->isInUse() ? $this->holds() : $this->holds()->assetOutOfUse(),
            $this->method->inForce === null ? MethodState::Draft : MethodState::InForce,
        );
    }

    /** Whether its asset, or any that its round walks, is in service or standby. */
    public function isInUse(): bool
    {
        return $this->round_id === null || $this->round === null
            ? $this->asset->life_state->isInUse()
            : $this->round->stations->contains(
                static fn (Station $station): bool => $station->asset->life_state->isInUse(),
            );
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

    /** @return BelongsTo<Meter, $this> */
    public function meter(): BelongsTo
    {
        return $this->belongsTo(Meter::class);
    }

    /** @return BelongsTo<Meter, $this> the gauge of its condition */
    public function gauge(): BelongsTo
    {
        return $this->belongsTo(Meter::class, 'gauge_id');
    }

    /** What was agreed for it. */
    public function agreed(): ScheduleRule
    {
        return AgreedRule::of($this);
    }

    /** Where it stands. */
    public function state(): ScheduleState
    {
        return $this->standing->state();
    }

    /** What keeps it from making orders, but for its asset. */
    public function holds(): Holds
    {
        $holds = $this->standing->isInHand() ? Holds::none()->inHand() : Holds::none();
        $holds = $this->held_from === null ? $holds : $holds->heldSince(LocalDate::parse($this->held_from));

        return $this->ended ? $holds->ended() : $holds;
    }

    /**
     * Its calendar as a recurrence rule (RFC 5545) that begins on its anchor; null by use alone, or where no rule can
     * say it.
     */
    public function recurrence(): ?string
    {
        $calendar = AgreedRule::triggers($this)->calendar;

        return $calendar === null
            ? null
            : RuleText::of($calendar->points, $this->season(), self::day($this->ends_on));
    }

    public function season(): Season
    {
        return $this->months === null || $this->months === ''
            ? Season::wholeYear()
            : Season::months(self::numbers($this->months));
    }

    public function pause(): ?Pause
    {
        return $this->paused_from === null
            ? null
            : Pause::kept(LocalDate::parse($this->paused_from), self::day($this->paused_until));
    }

    public function leadTime(): LeadTime
    {
        return $this->lead_unit === 'percent' ? LeadTime::percent($this->lead) : LeadTime::days($this->lead);
    }

    /** The next visit as it stands; null while no date can be expected. */
    public function nextVisit(): ?VisitDates
    {
        return $this->standing->next_due_on === null
            ? null
            : VisitDates::of(
                LocalDate::parse($this->standing->base_on),
                LocalDate::parse($this->standing->next_due_on),
                $this->standing->interval_days,
                AgreedRule::terms($this),
            )->lateFrom(self::day($this->standing->late_from));
    }

    /**
     * @return array{nearness: string|null, nearness_changes_on: string|null} as lists and Today read it; nothing
     *     while it is held up, ended or without a date
     */
    public function nearnessOn(LocalDate $today): array
    {
        $visit = $this->held_from !== null || $this->ended ? null : $this->nextVisit();
        $changes =
            $visit === null
                ? null
                : Nearness::changesOn(
                    $today,
                    $visit->nearFrom,
                    $visit->planned,
                    $visit->lateFrom,
                    $this->standing->isInHand(),
                );

        return [
            'nearness' => $visit?->nearness($today, $this->standing->isInHand())->value,
            'nearness_changes_on' => $changes === null ? null : (string) $changes,
        ];
    }

    public static function day(?string $iso): ?LocalDate
    {
        return $iso === null ? null : LocalDate::parse($iso);
    }

    public static function quantity(?string $text): ?int
    {
        return $text === null ? null : Quantity::parse($text);
    }

    /** @return list<int> */
    public static function numbers(?string $list): array
    {
        $parts = array_filter(explode(',', (string) $list), static fn (string $part): bool => $part !== '');

        return array_values(array_map(intval(...), $parts));
    }
}
