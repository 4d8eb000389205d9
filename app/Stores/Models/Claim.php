<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\ClaimRank;
use Sundial\Support\Quantity;

/**
 * What an approved order wants of the stock of a part, and how much of it is promised to it.
 *
 * @property int $id
 * @property int $site_id
 * @property int $stock_id
 * @property string $subject_kind
 * @property int $subject_id
 * @property string $label
 * @property string|null $who
 * @property string $quantity what is wanted and not handed over yet
 * @property string $promised
 * @property string $picked of it, what is set aside already
 * @property string|null $needed_on
 * @property int $strokes
 * @property string $approved_at
 * @property-read Stock $stock
 */
final class Claim extends Record
{
    protected $table = 'part_claims';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['promised' => '0.000', 'picked' => '0.000'];

    public function rank(): ClaimRank
    {
        return ClaimRank::of(
            $this->strokes,
            $this->needed_on === null ? null : LocalDate::parse($this->needed_on),
            $this->approved_at.sprintf('%020d', $this->id),
        );
    }

    /** Thousandths that are wanted and not there. */
    public function short(): int
    {
        return Quantity::parse($this->quantity) - $this->promised();
    }

    /** Thousandths that are promised to it. */
    public function promised(): int
    {
        return Quantity::parse($this->promised);
    }

    /** Thousandths of them that are set aside already. */
    public function picked(): int
    {
        return Quantity::parse($this->picked);
    }

    /** @return BelongsTo<Stock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(Stock::class);
    }

    /** By which its promise is known in the core. */
    public function key(): string
    {
        return self::keyOf($this->subject_kind, $this->subject_id);
    }

    public static function keyOf(string $kind, int $id): string
    {
        return "{$kind} {$id}";
    }
}
