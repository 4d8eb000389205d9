<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\People\Models\Supplier;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Stock\OutForRepair;
use Sundial\Support\Quantity;

/**
 * Pieces of a part that went out for repair: from a shelf with their value, or from a machine without one.
 *
 * @property int $id
 * @property int $site_id
 * @property int $stock_id the shelf on which they come back
 * @property int|null $supplier_id who repairs them; null: the plant itself
 * @property string $quantity
 * @property int $value_cents that they took along
 * @property int $left_cents that is still out
 * @property string|null $came_off the machine or the order; null: they lay on the shelf
 * @property string $sent_on
 * @property string $expected_on
 * @property string $mended
 * @property string $scrapped
 * @property int $cost_cents
 * @property int $lost_cents
 * @property string $sent_who
 * @property string|null $over_on
 * @property string|null $note
 * @property int $version
 * @property-read Stock $stock
 * @property-read Supplier|null $supplier
 */
final class PartRepair extends Record
{
    protected $table = 'part_repairs';

    protected $guarded = [];

    protected $attributes = ['mended' => '0.000', 'scrapped' => '0.000', 'version' => 1];

    public function out(): OutForRepair
    {
        return OutForRepair::with(
            Quantity::parse($this->quantity) - Quantity::parse($this->mended) - Quantity::parse($this->scrapped),
            $this->left_cents,
        );
    }

    /** @return BelongsTo<Stock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(Stock::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }
}
