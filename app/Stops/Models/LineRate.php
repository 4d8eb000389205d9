<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The ideal time of a line for one piece of a product, from a day on.
 *
 * @property int $id
 * @property int $line_id
 * @property int $product_id
 * @property string $from_on
 * @property string $ideal_seconds
 * @property-read Product $product
 */
final class LineRate extends Record
{
    protected $guarded = [];

    public $timestamps = false;

    protected $table = 'line_rates';

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class, 'product_id');
    }
}
