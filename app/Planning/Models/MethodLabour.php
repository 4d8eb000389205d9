<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\People\Models\Trade;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How many people of a trade a method needs, and for how many minutes each.
 *
 * @property int $id
 * @property int $revision_id
 * @property int $trade_id
 * @property int $people
 * @property int $minutes
 * @property int $level
 * @property-read Trade $trade
 */
final class MethodLabour extends Record
{
    protected $table = 'method_labour';

    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Trade, $this> */
    public function trade(): BelongsTo
    {
        return $this->belongsTo(Trade::class);
    }
}
