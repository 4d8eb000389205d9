<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An asset of a round, walked at every so many-th visit.
 *
 * @property int $id
 * @property int $round_id
 * @property int $asset_id
 * @property int $position
 * @property int $every
 * @property-read Asset $asset
 */
final class Station extends Record
{
    protected $table = 'stations';

    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }
}
