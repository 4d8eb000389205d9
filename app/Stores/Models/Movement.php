<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Stock\IssuedStock;
use Sundial\Stock\MoveKind;
use Sundial\Support\Quantity;

/**
 * A line of the ledger of stock: never edited.
 *
 * @property int $id
 * @property int $site_id
 * @property int $stock_id
 * @property MoveKind $kind
 * @property string $quantity below zero: it went out
 * @property int $value_cents of the same sign
 * @property string $on_hand_after
 * @property int $value_after_cents
 * @property int $variance_cents what a reversed receipt had cost beyond what left at the average
 * @property int|null $of_id the movement that it gives back or takes back, or the other end of a transfer
 * @property string|null $subject_kind for whom
 * @property int|null $subject_id
 * @property string|null $label
 * @property string|null $reason
 * @property string $moved_on
 * @property int|null $user_id
 * @property string $who
 * @property string|null $second_who
 * @property string $noted_at
 * @property-read Stock $stock
 */
final class Movement extends Record
{
    protected $table = 'stock_moves';

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['kind' => MoveKind::class];

    public function thousandths(): int
    {
        return Quantity::parse($this->quantity);
    }

    /** An issue, less what came back of it already. */
    public function issued(): IssuedStock
    {
        $issued = IssuedStock::of(-$this->thousandths(), -$this->value_cents);
        $back = self::query()->where('of_id', $this->id)->where('kind', MoveKind::Return)->orderBy('id')->get();
        foreach ($back as $one) {
            [, $issued] = $issued->giveBack($one->thousandths());
        }

        return $issued;
    }

    /** @return BelongsTo<Stock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(Stock::class);
    }
}
