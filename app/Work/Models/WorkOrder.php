<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Team;
use App\People\Models\User;
use App\Planning\Casts\AsOrderType;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\Visit;
use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use LogicException;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\SpentOn;
use Sundial\Costing\SpreadBy;
use Sundial\Support\Quantity;
use Sundial\Work\OrderState;
use Sundial\Work\OrderType;
use Sundial\Work\Plan\Remainder;
use Sundial\Work\Priority;
use Sundial\Work\Rules\Growth;

/**
 * A piece of work to be done on an asset.
 *
 * @property int $id
 * @property int $site_id
 * @property int $number
 * @property string $title
 * @property OrderType $type
 * @property Priority $priority
 * @property OrderState $state
 * @property string|null $stage the plant's own name for where it stands inside its state
 * @property int|null $asset_id
 * @property int|null $location_id where it is done on a place alone
 * @property int|null $revision_id
 * @property int|null $batch_id
 * @property int|null $team_id
 * @property int|null $assignee_id
 * @property string|null $due_on
 * @property string|null $planned_on
 * @property int $planned_minutes
 * @property string|null $tools
 * @property string|null $about what was asked for, in the words of whoever asked
 * @property int|null $raised_by
 * @property string|null $raised_who
 * @property string|null $confirmed_at when a supervisor confirmed that they were told of an emergency
 * @property string|null $confirmed_who
 * @property array{minutes: int, cents: int, precautions: list<string>}|null $approved_plan what was approved, once the
 *     plan was changed after it
 * @property Growth|null $grown by what its plan outgrew its approval
 * @property int|null $rest_id the order that took what was left when this one was stopped short
 * @property string|null $handed_back_at when operations took the machine back
 * @property string|null $handed_back_who
 * @property string|null $started_at
 * @property string|null $finished_at
 * @property string|null $closed_at
 * @property string|null $hold_reason
 * @property string|null $look_again_on
 * @property string|null $reason
 * @property string|null $finding
 * @property string|null $review
 * @property string $since_at when it came into the state and the stage in which it stands
 * @property int|null $standing_id the standing order of whose month it is
 * @property string|null $standing_month
 * @property string|null $former its number in the system that was used before
 * @property int $version
 * @property-read Asset|null $asset
 * @property-read Location|null $location
 * @property-read MethodRevision|null $revision
 * @property SpreadBy $spread how its cost is spread over its assets
 * @property int|null $planned_cents what its plan was to cost, once it is closed
 * @property int|null $booked_cents what is booked of it, kept beside the entries that say so
 * @property int|null $repeats_id the first order, to which its cost goes
 * @property int|null $from_order_id during which it was raised
 * @property int|null $from_step
 * @property-read WorkOrder|null $rest
 * @property-read WorkOrder|null $repeats
 * @property-read WorkOrder|null $fromOrder
 * @property-read Team|null $team
 * @property-read User|null $assignee
 * @property-read Collection<int, OrderStep> $steps
 * @property-read Collection<int, Booking> $bookings
 * @property-read Collection<int, OrderLabour> $labour
 * @property-read Collection<int, OrderPart> $parts
 * @property-read Collection<int, OrderService> $services
 * @property-read Collection<int, PartUse> $uses
 * @property-read Collection<int, ServiceBooking> $serviceBookings
 * @property-read FailureRecord|null $failure
 * @property-read FormerCost|null $formerCost
 * @property-read Collection<int, OrderVisit> $visits
 * @property-read Collection<int, Visit> $covered
 * @property-read Collection<int, OrderPrecaution> $precautions
 * @property-read Collection<int, OrderAsset> $rows
 */
final class WorkOrder extends Record
{
    protected $table = 'work_orders';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'spread' => 'equal'];

    /** @var array<string, string> */
    protected $casts = [
        'state' => OrderState::class,
        'type' => AsOrderType::class,
        'priority' => Priority::class,
        'approved_plan' => 'array',
        'grown' => Growth::class,
        'spread' => SpreadBy::class,
    ];

    /** How many days it stands open after it was due. */
    public function daysLate(LocalDate $today): int
    {
        return $this->due_on === null || ! $this->state->isOpen()
            ? 0
            : max(0, LocalDate::parse($this->due_on)->daysUntil($today));
    }

    public function label(): string
    {
        return self::labelOf($this->number);
    }

    public static function labelOf(int $number): string
    {
        return "W-{$number}";
    }

    public function subject(): Subject
    {
        return Subject::of('order', $this->id, $this->site_id);
    }

    /** The asset or the place that it is done on. */
    public function about(): Subject
    {
        return $this->asset_id === null
            ? Subject::of('location', (int) $this->location_id, $this->site_id)
            : Subject::of('asset', $this->asset_id, $this->site_id);
    }

    /** Where the work is: an asset, or a place. */
    public function worksite(): Asset|Location
    {
        return $this->asset ?? ($this->location ?? throw new LogicException("{$this->label()} is on nothing."));
    }

    /** Whether it has to be told what failed before it is closed: on a place alone no asset did. */
    public function asksWhatFailed(): bool
    {
        return $this->asset_id !== null &&
            $this->standing_id === null &&
            $this->type->asksWhatFailed($this->coversVisits());
    }

    private function coversVisits(): bool
    {
        return $this->relationLoaded('covered') ? $this->covered->isNotEmpty() : $this->visits()->exists();
    }

    /** The day on which it is going to be worked: as planned, and not before today. */
    public function workDay(LocalDate $today): LocalDate
    {
        return $this->planned_on === null ? $today : LocalDate::later($today, LocalDate::parse($this->planned_on));
    }

    /**
     * Minutes of each person that are left of lines of its labour. Its bookings are loaded with their people; what
     * mended a failure takes nothing off the plan.
     *
     * @param  Collection<int, OrderLabour>  $lines
     * @return list<int> in the order of the lines
     */
    public function labourLeft(Collection $lines): array
    {
        $booked = $this->bookings->whereNull('strike')->where('spent_on', SpentOn::Plan);

        return Remainder::labour(
            array_values(
                $lines->map(
                    static fn (OrderLabour $one): array => [$one->trade_id, $one->people, $one->minutes],
                )->all(),
            ),
            array_values(
                $booked->map(static fn (Booking $one): array => [$one->person->trade_id, $one->minutes])->all(),
            ),
        );
    }

    /** Thousandths of a planned part that were used, less what was given back. Its uses are loaded. */
    public function usedOf(OrderPart $line): int
    {
        return (int) $this->uses
            ->where('line_id', $line->id)
            ->sum(static fn (PartUse $use): int => Quantity::parse($use->quantity));
    }

    /** Thousandths of a planned part that are not used yet. */
    public function leftOf(OrderPart $line): int
    {
        return Remainder::part($line->thousandths(), $this->usedOf($line));
    }

    /** Whether it is this person's, or a team's of theirs. */
    public function belongsToPerson(User $person): bool
    {
        return $this->assignee_id === $person->id ||
            ($this->team_id !== null && in_array($this->team_id, $person->teamIds(), true));
    }

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return BelongsTo<Location, $this> */
    public function location(): BelongsTo
    {
        return $this->belongsTo(Location::class);
    }

    /** @return BelongsTo<self, $this> the order that took what was left of it */
    public function rest(): BelongsTo
    {
        return $this->belongsTo(self::class, 'rest_id');
    }

    /** @return BelongsTo<self, $this> the first order, of which it does the work again */
    public function repeats(): BelongsTo
    {
        return $this->belongsTo(self::class, 'repeats_id');
    }

    /** @return BelongsTo<self, $this> the order during which it was found that this is to be done */
    public function fromOrder(): BelongsTo
    {
        return $this->belongsTo(self::class, 'from_order_id');
    }

    /** @return BelongsTo<MethodRevision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(MethodRevision::class, 'revision_id');
    }

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return BelongsTo<User, $this> */
    public function assignee(): BelongsTo
    {
        return $this->belongsTo(User::class, 'assignee_id');
    }

    /** @return HasMany<OrderStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(OrderStep::class, 'order_id')->orderBy('position');
    }

    /** @return HasMany<OrderPrecaution, $this> */
    public function precautions(): HasMany
    {
        return $this->hasMany(OrderPrecaution::class, 'order_id')->orderBy('position');
    }

    /** @return HasMany<OrderAsset, $this> the assets on which it is worked, or its place, in order */
    public function rows(): HasMany
    {
        return $this->hasMany(OrderAsset::class, 'order_id')->orderBy('position');
    }

    /** @return HasMany<OrderLabour, $this> */
    public function labour(): HasMany
    {
        return $this->hasMany(OrderLabour::class, 'order_id')->orderBy('id');
    }

    /** @return HasMany<OrderPart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(OrderPart::class, 'order_id')->orderBy('id');
    }

    /** @return HasMany<OrderService, $this> */
    public function services(): HasMany
    {
        return $this->hasMany(OrderService::class, 'order_id')->orderBy('id');
    }

    /** @return HasOne<FormerCost, $this> what it cost in the system that was used before */
    public function formerCost(): HasOne
    {
        return $this->hasOne(FormerCost::class, 'order_id');
    }

    /** @return HasMany<PartUse, $this> */
    public function uses(): HasMany
    {
        return $this->hasMany(PartUse::class, 'order_id')->orderBy('id');
    }

    /** @return HasMany<ServiceBooking, $this> */
    public function serviceBookings(): HasMany
    {
        return $this->hasMany(ServiceBooking::class, 'order_id')->orderBy('id');
    }

    /** @return HasOne<FailureRecord, $this> */
    public function failure(): HasOne
    {
        return $this->hasOne(FailureRecord::class, 'order_id');
    }

    /** @return HasMany<Booking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(Booking::class, 'order_id')->orderBy('worked_on')->orderBy('id');
    }

    /** @return BelongsToMany<Visit, $this> the visits that it covers */
    public function covered(): BelongsToMany
    {
        return $this->belongsToMany(Visit::class, 'order_visits', 'order_id', 'visit_id')
            ->withPivot('revision_id')
            ->orderBy('order_visits.id');
    }

    /** @return HasMany<OrderVisit, $this> */
    public function visits(): HasMany
    {
        return $this->hasMany(OrderVisit::class, 'order_id')->orderBy('id');
    }
}
