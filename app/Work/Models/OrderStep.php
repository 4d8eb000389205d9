<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A step of an order, copied from its method when the order was made.
 *
 * @property int $id
 * @property int $order_id
 * @property int $position
 * @property string $text
 * @property string|null $detail
 * @property string|null $safety
 * @property int $minutes
 * @property string|null $ticked_at
 * @property int|null $ticked_by
 * @property-read User|null $ticker
 */
final class OrderStep extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function ticker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'ticked_by');
    }
}
