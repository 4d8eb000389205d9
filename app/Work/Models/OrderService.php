<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Supplier;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An outside service that an order plans; what was agreed is committed.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $supplier_id
 * @property string $what
 * @property int|null $planned_cents
 * @property string|null $agreed_on
 * @property-read Supplier|null $supplier
 */
final class OrderService extends Record
{
    protected $table = 'order_services';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }
}
