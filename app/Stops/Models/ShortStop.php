<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Stops\StopKind;

/**
 * Many short stops of a line within one hour, entered as how many and how long in all.
 *
 * @property int $id
 * @property int $site_id
 * @property int $line_id
 * @property int $asset_id
 * @property string $hour_at
 * @property int $stops
 * @property int $seconds
 * @property string $reason
 * @property int|null $reason_id
 * @property StopKind|null $kind
 * @property string $who
 * @property string|null $struck_at
 * @property-read Asset $asset
 * @property-read Line $line
 */
final class ShortStop extends Record
{
    protected $table = 'short_stops';

    protected $guarded = [];

    public $timestamps = false;

    /** @var array<string, string> */
    protected $casts = ['kind' => StopKind::class];

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class, 'asset_id');
    }

    /** @return BelongsTo<Line, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(Line::class, 'line_id');
    }
}
