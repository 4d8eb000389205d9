<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\Lot;
use Sundial\Support\Quantity;

/**
 * A batch of a part on a shelf, or one piece with its serial number: there, fitted, or gone.
 *
 * @property int $id
 * @property int $site_id
 * @property int $stock_id
 * @property string $name
 * @property string|null $best_before
 * @property string $quantity what lies there of it
 * @property string $came_on
 * @property int|null $asset_id on which it is fitted
 * @property string|null $fitted_on
 * @property-read Stock $stock
 */
final class StockLot extends Record
{
    protected $table = 'lots';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['quantity' => '0.000'];

    public function thousandths(): int
    {
        return Quantity::parse($this->quantity);
    }

    public function lot(): Lot
    {
        return Lot::of(
            $this->name,
            $this->thousandths(),
            $this->best_before === null ? null : LocalDate::parse($this->best_before),
        );
    }

    /** @return BelongsTo<Stock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(Stock::class);
    }
}
