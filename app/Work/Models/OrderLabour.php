<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Trade;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Planned labour of an order: people of a trade, and minutes for each.
 *
 * @property int $id
 * @property int $order_id
 * @property int $trade_id
 * @property int $people
 * @property int $minutes
 * @property-read Trade $trade
 */
final class OrderLabour extends Model
{
    protected $table = 'order_labour';

    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Trade, $this> */
    public function trade(): BelongsTo
    {
        return $this->belongsTo(Trade::class);
    }
}
