<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use Illuminate\Support\Collection;
use Sundial\Costing\GivenBack;
use Sundial\Costing\SpentOn;
use Sundial\Support\Quantity;

/**
 * Parts that were used on an order, or given back: never edited.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $row_id the asset of the order on which it was; null: all of them
 * @property SpentOn $spent_on
 * @property int|null $line_id the planned line that it answers
 * @property int|null $part_id
 * @property string $name
 * @property string $unit
 * @property string $quantity below zero: given back
 * @property int|null $value_cents unknown without a price
 * @property string $used_on
 * @property string|null $note
 * @property string $who
 * @property string $noted_at
 */
final class PartUse extends Record
{
    protected $table = 'part_uses';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['spent_on' => 'plan'];

    /** @var array<string, string> */
    protected $casts = ['spent_on' => SpentOn::class];

    /**
     * What parts cost that were used on an order, less those of unknown cost that went back.
     *
     * @param  Collection<int, self>  $uses  in the order in which they were booked
     * @return list<int|null> cents of each; null: not known
     */
    public static function cents(Collection $uses): array
    {
        return GivenBack::settle(array_values($uses->map(static fn (self $one): array => [
            $one->part_id === null ? $one->name : "{$one->part_id}",
            Quantity::parse($one->quantity),
            $one->value_cents,
        ])->all()));
    }
}
