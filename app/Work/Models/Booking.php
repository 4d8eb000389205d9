<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\User;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Sundial\Costing\SpentOn;
use Sundial\Costing\WorkedMinutes;

/**
 * Hours that somebody worked on an order on a day, at the rate of that day. A line of a ledger: it is never changed,
 * and struck out by a line of its own.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $row_id the asset of the order on which it was; null: all of them
 * @property int $user_id
 * @property string $worked_on
 * @property int $normal_minutes
 * @property int $half_minutes paid time and a half
 * @property int $double_minutes
 * @property-read int $minutes all of them
 * @property string|null $rate an hour, to four places
 * @property int|null $cost_cents  unknown without a rate
 * @property string|null $note
 * @property SpentOn $spent_on
 * @property int|null $booked_by
 * @property-read User $person
 * @property-read BookingStrike|null $strike
 */
final class Booking extends Record
{
    protected $table = 'bookings';

    protected $guarded = [];

    protected $attributes = ['spent_on' => 'plan'];

    /** @var array<string, string> */
    protected $casts = ['spent_on' => SpentOn::class];

    public function worked(): WorkedMinutes
    {
        return WorkedMinutes::of($this->normal_minutes, $this->half_minutes, $this->double_minutes);
    }

    /** @return BelongsTo<User, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return HasOne<BookingStrike, $this> */
    public function strike(): HasOne
    {
        return $this->hasOne(BookingStrike::class);
    }

    /** @return Builder<self> those that count */
    public static function counted(): Builder
    {
        return self::query()->whereDoesntHave('strike');
    }
}
