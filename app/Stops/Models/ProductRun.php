<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Sundial\Stops\ProductRun as Made;
use Sundial\Stops\Span;

/**
 * What a line made of a product from when to when within a shift, and at which ideal time.
 *
 * @property int $id
 * @property int $record_id
 * @property int $product_id
 * @property string $from_at
 * @property string $to_at
 * @property string $ideal_seconds
 * @property int $total
 * @property int $rejects
 * @property int $reworked
 * @property string $source
 * @property-read Product $product
 * @property-read ShiftRecord $record
 * @property-read Collection<int, RejectReason> $reasons
 */
final class ProductRun extends Record
{
    protected $table = 'product_runs';

    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class, 'product_id');
    }

    /** @return BelongsTo<ShiftRecord, $this> */
    public function record(): BelongsTo
    {
        return $this->belongsTo(ShiftRecord::class, 'record_id');
    }

    /** @return BelongsToMany<RejectReason, $this> */
    public function reasons(): BelongsToMany
    {
        return $this->belongsToMany(RejectReason::class, 'run_rejects', 'run_id', 'reason_id')->withPivot('pieces');
    }

    public function span(): Span
    {
        return Span::between(ShiftRecord::second($this->from_at), ShiftRecord::second($this->to_at));
    }

    /** What was reworked is good after all. */
    public function made(): Made
    {
        return Made::of($this->ideal_seconds, $this->total, $this->rejects);
    }
}
