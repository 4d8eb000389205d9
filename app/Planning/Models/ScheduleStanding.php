<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Calendar\LocalDate;
use Sundial\Planning\Schedule\ScheduleState;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Visit\Nearness;

/**
 * Where a schedule stands: its state as one value and, beside it, the columns that lists sort and filter by. Nothing
 * in it was agreed or typed; all of it is counted, and can be counted again.
 *
 * @property int $schedule_id
 * @property int $site_id
 * @property array<string, mixed> $state as the core keeps it
 * @property int $next_number
 * @property string|null $next_point_on
 * @property string|null $moved_from the day of the rule, where it was moved by hand
 * @property string $base_on
 * @property string|null $usage_due
 * @property string|null $next_due_on
 * @property string|null $calendar_on
 * @property string|null $usage_on
 * @property bool $usage_reached
 * @property string|null $condition_on
 * @property int|null $condition_reading_id
 * @property Leading $leading
 * @property bool $expected
 * @property string|null $early_on
 * @property string|null $late_on
 * @property string|null $late_from
 * @property string|null $near_from
 * @property string|null $release_on
 * @property int $interval_days
 * @property int|null $visit_id the visit that an open order covers
 * @property string|null $in_hand what that order is called
 * @property Nearness|null $nearness
 * @property string|null $nearness_changes_on
 * @property string|null $outlook_until
 * @property-read Visit|null $visit
 */
final class ScheduleStanding extends Record
{
    protected $table = 'schedule_standings';

    public const COLUMNS = [
        'schedule_id',
        'site_id',
        'state',
        'next_number',
        'next_point_on',
        'moved_from',
        'base_on',
        'usage_due',
        'next_due_on',
        'calendar_on',
        'usage_on',
        'usage_reached',
        'condition_on',
        'condition_reading_id',
        'leading',
        'expected',
        'early_on',
        'late_on',
        'late_from',
        'near_from',
        'release_on',
        'interval_days',
        'visit_id',
        'in_hand',
        'nearness',
        'nearness_changes_on',
        'outlook_until',
        'next_method_id',
        'next_level',
    ];

    protected $primaryKey = 'schedule_id';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    /** Before a schedule is stood for the first time. */
    protected $attributes = [
        'state' => '[]',
        'next_number' => null,
        'next_due_on' => null,
        'leading' => 'calendar',
        'interval_days' => 0,
        'visit_id' => null,
        'in_hand' => null,
        'outlook_until' => null,
        'next_method_id' => null,
        'next_level' => null,
    ];

    /** @var array<string, string> */
    protected $casts = [
        'state' => 'array',
        'usage_reached' => 'bool',
        'expected' => 'bool',
        'leading' => Leading::class,
        'nearness' => Nearness::class,
    ];

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    public function state(): ScheduleState
    {
        return ScheduleState::fromArray($this->state);
    }

    public function isInHand(): bool
    {
        return $this->visit_id !== null;
    }

    /** An open order covers its next visit. */
    public function takenBy(Visit $visit): self
    {
        return $this->fill(['visit_id' => $visit->id, 'in_hand' => $visit->label]);
    }

    /** No order covers it any more. */
    public function given(): self
    {
        return $this->fill(['visit_id' => null, 'in_hand' => null]);
    }

    /** Whether its expected date has come without a reading. */
    public function readingWanted(LocalDate $today): bool
    {
        return $this->usage_on !== null &&
            ! $this->usage_reached &&
            ! LocalDate::parse($this->usage_on)->isAfter($today);
    }
}
