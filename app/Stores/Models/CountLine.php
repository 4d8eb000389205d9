<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Support\Quantity;

/**
 * A part on the sheet of a count: what was counted, and what the books said at that moment.
 *
 * @property int $id
 * @property int $site_id
 * @property int $count_id
 * @property int $stock_id
 * @property string|null $counted
 * @property string|null $by_books
 * @property string|null $note
 * @property string|null $counted_who
 * @property int|null $counted_by
 * @property string|null $counted_at
 * @property int|null $move_id
 * @property-read Stock $stock
 */
final class CountLine extends Record
{
    protected $table = 'count_lines';

    public $timestamps = false;

    protected $guarded = [];

    /** Thousandths that were counted beyond the books; null: not counted yet. */
    public function difference(): ?int
    {
        return $this->counted === null || $this->by_books === null
            ? null
            : Quantity::parse($this->counted) - Quantity::parse($this->by_books);
    }

    /** Cents that the difference is worth at the average, as far as it is known. */
    public function worth(): ?int
    {
        $average = $this->stock->balance()->lastAverage();
        $difference = $this->difference();

        return $average === null || $difference === null ? null : $average->times($difference);
    }

    /** @return BelongsTo<Stock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(Stock::class);
    }
}
