<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Work\AssetState;

/**
 * An asset, or the place, on which an order is worked, and how far the work on it is. Place, class and cost centre are
 * copied when something is booked first, so that what it cost does not move with the tree.
 *
 * @property int $id
 * @property int $order_id
 * @property int|null $asset_id
 * @property int|null $location_id
 * @property int $position
 * @property AssetState $state
 * @property string|null $done_on
 * @property string|null $who
 * @property string|null $reason why it is left out
 * @property string|null $path
 * @property int|null $class_id
 * @property int|null $cost_centre_id
 * @property-read Asset|null $asset
 * @property-read Location|null $location
 */
final class OrderAsset extends Record
{
    protected $table = 'order_assets';

    protected $guarded = [];

    public $timestamps = false;

    protected $attributes = ['state' => 'open'];

    /** @var array<string, string> */
    protected $casts = ['state' => AssetState::class];

    public function label(): string
    {
        return (string) ($this->asset->tag ?? $this->location?->tag);
    }

    public function name(): string
    {
        return (string) ($this->asset->name ?? $this->location?->name);
    }

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return BelongsTo<Location, $this> */
    public function location(): BelongsTo
    {
        return $this->belongsTo(Location::class);
    }
}
