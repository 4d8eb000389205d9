<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Planning\Schedule\PassedVisit;
use Sundial\Planning\Trigger\Leading;
use Sundial\Planning\Trigger\VisitInHand;
use Sundial\Planning\Visit\VisitState;
use Sundial\Support\Quantity;

/**
 * One falling due of a schedule. The pair of schedule and number is unique.
 *
 * @property int $id
 * @property int $schedule_id
 * @property int $number
 * @property string|null $point_on
 * @property string $planned_on
 * @property VisitState $state
 * @property string|null $done_on
 * @property string|null $label
 * @property string|null $note
 * @property Leading $leading
 * @property bool $expected
 * @property string|null $due_total
 * @property int|null $level
 * @property string|null $done_total
 * @property string|null $done_at
 * @property array<string, mixed>|null $before the state of its schedule before it was completed
 * @property int|null $reading_id
 * @property-read Schedule $schedule
 */
final class Visit extends Record
{
    protected $table = 'visits';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'before' => 'array',
        'expected' => 'bool',
        'state' => VisitState::class,
        'leading' => Leading::class,
    ];

    /** As it was when its order was made. */
    public function taken(): VisitInHand
    {
        return VisitInHand::of(
            $this->leading,
            Schedule::day($this->point_on),
            Schedule::quantity($this->due_total),
            $this->number,
        );
    }

    /** Writes down one that passed: missed or suspended. */
    public static function passed(Schedule $schedule, PassedVisit $passed, VisitState $state): void
    {
        self::query()->updateOrCreate(
            ['schedule_id' => $schedule->id, 'number' => $passed->number],
            [
                'point_on' => $passed->led === Leading::Calendar ? (string) $passed->planned : null,
                'planned_on' => (string) $passed->planned,
                'leading' => $passed->led,
                'due_total' => $passed->dueTotal === null ? null : Quantity::plain($passed->dueTotal),
                'state' => $state,
            ],
        );
    }

    /** @return BelongsTo<Schedule, $this> */
    public function schedule(): BelongsTo
    {
        return $this->belongsTo(Schedule::class);
    }
}
