<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\StockBalance;
use Sundial\Support\Quantity;

/**
 * A part in a store: where it lies, when it is bought again, and how much of it there is.
 *
 * @property int $id
 * @property int $site_id
 * @property int $store_id
 * @property int $part_id
 * @property string|null $class that of its part, kept here so that what lies there is added up from one index
 * @property string|null $bin
 * @property string|null $reorder_point
 * @property string|null $order_quantity
 * @property string|null $most
 * @property string $on_hand
 * @property int $value_cents
 * @property string|null $last_price what a unit was worth when there were some last
 * @property string $promised
 * @property string $short what is wanted for approved orders and not there
 * @property string $on_order what is on its way to the shelf
 * @property string|null $kept_on since when it is kept there
 * @property string|null $counted_on
 * @property string|null $moved_on
 * @property string|null $taken_on when somebody took some last
 * @property string $abc its class by what is used of it in a year
 * @property string|null $count_due_on
 * @property string|null $holding with what its reorder point was reckoned
 * @property int $version
 * @property-read Part $part
 * @property-read Store $store
 */
final class Stock extends Record
{
    protected $table = 'stock';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['on_hand' => '0.000', 'value_cents' => 0, 'promised' => '0.000', 'short' => '0.000',
        'on_order' => '0.000', 'version' => 1];

    public function subject(): Subject
    {
        return Subject::of('stock', $this->id, $this->site_id);
    }

    public function balance(): StockBalance
    {
        return StockBalance::standing(
            Quantity::parse($this->on_hand),
            $this->value_cents,
            $this->last_price === null ? null : UnitPrice::parse($this->last_price),
        );
    }

    /** Thousandths that are promised to nobody. */
    public function free(): int
    {
        return Quantity::parse($this->on_hand) - Quantity::parse($this->promised);
    }

    /** Thousandths below which it is bought again; null: only what is short is bought. */
    public function point(): ?int
    {
        return $this->reorder_point === null ? null : Quantity::parse($this->reorder_point);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<Store, $this> */
    public function store(): BelongsTo
    {
        return $this->belongsTo(Store::class);
    }

    /** @return HasMany<Claim, $this> */
    public function claims(): HasMany
    {
        return $this->hasMany(Claim::class);
    }
}
