<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Platform\Records\Record;
use Sundial\Costing\HourlyRate;

/**
 * What an hour of a trade, or of one person, costs from a day on.
 *
 * @property int $id
 * @property int|null $trade_id
 * @property int|null $user_id
 * @property string $from_day
 * @property string $rate  an hour, to four places
 */
final class Rate extends Record
{
    protected $table = 'rates';

    protected $guarded = [];

    public $timestamps = false;

    public function hourly(): HourlyRate
    {
        return HourlyRate::parse($this->rate);
    }
}
