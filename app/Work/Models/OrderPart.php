<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use App\Stores\Models\Part;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Costing\UnitPrice;
use Sundial\Support\Quantity;
use Sundial\Work\Plan\PartSource;

/**
 * A part that an order plans: from the store, or bought in for it.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $asset_id the asset of the order that it is for; null: all of them
 * @property int|null $step_id the step that it is for; null: for the whole order
 * @property-read OrderStep|null $step
 * @property int|null $part_id
 * @property string $name
 * @property string $unit
 * @property string $quantity
 * @property PartSource $source
 * @property string|null $price
 * @property-read Part|null $part
 */
final class OrderPart extends Record
{
    protected $table = 'order_parts';

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['source' => PartSource::class];

    public function thousandths(): int
    {
        return Quantity::parse($this->quantity);
    }

    /** Cents; null without a price. */
    public function cost(): ?int
    {
        return $this->price === null ? null : UnitPrice::parse($this->price)->times($this->thousandths());
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<OrderStep, $this> */
    public function step(): BelongsTo
    {
        return $this->belongsTo(OrderStep::class, 'step_id');
    }
}
