<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\Pack;
use Sundial\Support\Quantity;

/**
 * A line of a purchase: for the shelf, or for one order.
 *
 * @property int $id
 * @property int $site_id
 * @property int $purchase_id
 * @property int|null $part_id
 * @property int|null $stock_id the shelf on which it comes; null: it goes to its order
 * @property string|null $subject_kind
 * @property int|null $subject_id
 * @property int|null $subject_line
 * @property string|null $label
 * @property string $name
 * @property string $unit
 * @property string|null $their_number
 * @property string $quantity
 * @property string|null $price
 * @property string|null $expected_on
 * @property string|null $pack what it is bought in, where that is not its unit
 * @property string|null $pack_of so many units
 * @property string $received
 * @property string|null $why
 * @property-read Purchase $purchase
 * @property-read Part|null $part
 * @property-read Collection<int, PurchaseReceipt> $receipts
 */
final class PurchaseLine extends Record
{
    protected $table = 'purchase_lines';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['received' => '0.000'];

    public function thousandths(): int
    {
        return Quantity::parse($this->quantity);
    }

    /** Thousandths that are still to come. */
    public function left(): int
    {
        return max(0, $this->thousandths() - Quantity::parse($this->received));
    }

    public function pack(): ?Pack
    {
        return $this->pack === null || $this->pack_of === null
            ? null
            : Pack::of($this->pack, Quantity::parse($this->pack_of));
    }

    /** Cents; null without a price. */
    public function cost(): ?int
    {
        return $this->price === null ? null : UnitPrice::parse($this->price)->times($this->thousandths());
    }

    /** The order for which it is bought; null: for the shelf. */
    public function for(): ?Subject
    {
        return $this->subject_kind === null || $this->subject_id === null
            ? null
            : Subject::of($this->subject_kind, $this->subject_id, $this->site_id);
    }

    /** @return BelongsTo<Purchase, $this> */
    public function purchase(): BelongsTo
    {
        return $this->belongsTo(Purchase::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return HasMany<PurchaseReceipt, $this> */
    public function receipts(): HasMany
    {
        return $this->hasMany(PurchaseReceipt::class, 'line_id')->orderBy('id');
    }
}
