<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The clock of a person that runs on an order; each person has one at most.
 *
 * @property int $user_id
 * @property int $order_id
 * @property string $started_at
 * @property-read WorkOrder $order
 */
final class Timer extends Record
{
    protected $table = 'timers';

    protected $primaryKey = 'user_id';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<WorkOrder, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(WorkOrder::class, 'order_id');
    }
}
