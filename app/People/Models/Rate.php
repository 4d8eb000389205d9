<?php

declare(strict_types=1);

namespace App\People\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What an hour of a trade, or of one person, costs from a day on.
 *
 * @property int $id
 * @property int|null $trade_id
 * @property int|null $user_id
 * @property string $from_day
 * @property int $cents_per_hour
 */
final class Rate extends Model
{
    protected $guarded = [];

    public $timestamps = false;
}
