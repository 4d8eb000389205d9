<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Supplier;
use App\People\Models\Trade;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Planned labour of an order: people of a trade, and minutes for each.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $step_id the step that it is for; null: for the whole order
 * @property int $trade_id
 * @property int $people
 * @property int $minutes
 * @property int|null $supplier_id a contractor who sends them; null: our own people
 * @property string|null $rate what was agreed for an hour
 * @property string|null $agreement its number
 * @property string|null $valid_until
 * @property-read Supplier|null $supplier
 * @property-read Trade $trade
 * @property-read string|null $trade_name where it was asked with it
 */
final class OrderLabour extends Record
{
    /** What is planned in a line, whatever order it stands in. */
    public const PLANNED = ['trade_id', 'people', 'minutes', 'supplier_id', 'rate', 'agreement', 'valid_until'];

    protected $table = 'order_labour';

    protected $guarded = [];

    public $timestamps = false;

    /** Whether what was agreed with the contractor has run out by a day. */
    public function isOutOn(string $day): bool
    {
        return $this->valid_until !== null && $day > $this->valid_until;
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Trade, $this> */
    public function trade(): BelongsTo
    {
        return $this->belongsTo(Trade::class);
    }
}
