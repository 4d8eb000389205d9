<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Costing\Overtime;

/**
 * Hours that somebody worked on an order on a day, at the rate of that day.
 *
 * @property int $id
 * @property int $order_id
 * @property int $user_id
 * @property string $worked_on
 * @property int $minutes
 * @property Overtime $overtime
 * @property int|null $cents_per_hour
 * @property int $cost_cents
 * @property string|null $note
 * @property int|null $booked_by
 * @property string|null $struck_at
 * @property-read User $person
 */
final class Booking extends Model
{
    protected $guarded = [];

    protected $casts = ['overtime' => Overtime::class];

    /** @return BelongsTo<User, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
