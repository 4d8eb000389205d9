<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\People\Models\Supplier;
use App\Platform\Records\Record;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Work\Warranty\ClaimState;

/**
 * A claim on the warranty of an asset, for what an order mended.
 *
 * @property int $id
 * @property int $order_id
 * @property int $site_id
 * @property int $asset_id
 * @property int|null $supplier_id
 * @property string $what
 * @property string|null $kept where the parts are kept that may be asked for
 * @property string|null $reference
 * @property ClaimState $state
 * @property string $claimed_on
 * @property string $who
 * @property int|null $credit_cents
 * @property string|null $reason
 * @property string|null $decided_on
 * @property-read Asset $asset
 * @property-read Supplier|null $supplier
 * @property-read WorkOrder $order
 */
final class WarrantyClaim extends Record
{
    protected $table = 'warranty_claims';

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['state' => ClaimState::class];

    public function label(): string
    {
        return "C-{$this->id}";
    }

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<WorkOrder, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(WorkOrder::class, 'order_id');
    }
}
