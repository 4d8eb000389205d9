<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * A line of the ledger of hours that takes another one back.
 *
 * @property int $booking_id
 * @property int|null $user_id
 * @property string $who
 * @property string $struck_at
 */
final class BookingStrike extends Record
{
    protected $table = 'booking_strikes';

    protected $primaryKey = 'booking_id';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];
}
