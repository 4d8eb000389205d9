<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use App\Register\Models\Asset;
use App\Register\Models\EquipmentClass;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Support\Quantity;

/**
 * How many of a part are fitted to an asset, or to each asset of a class.
 *
 * @property int $id
 * @property int $part_id
 * @property int|null $asset_id
 * @property int|null $class_id
 * @property string $quantity
 * @property string|null $note
 * @property-read Asset|null $asset
 * @property-read EquipmentClass|null $class
 */
final class Fit extends Record
{
    protected $table = 'fits';

    public $timestamps = false;

    protected $guarded = [];

    public function fitted(): string
    {
        return Quantity::words(Quantity::parse($this->quantity));
    }

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return BelongsTo<EquipmentClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(EquipmentClass::class);
    }
}
