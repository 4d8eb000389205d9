<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A call for maintenance from a line: called, who comes, arrived, over.
 *
 * @property int $id
 * @property int $site_id
 * @property int $line_id
 * @property int $asset_id
 * @property string $words
 * @property string $called_at
 * @property string $called_who
 * @property int|null $comes_id
 * @property string|null $comes_who
 * @property string|null $comes_at
 * @property string|null $arrived_at
 * @property string|null $over_at
 * @property string|null $subject_kind of the order that follows
 * @property int|null $subject_id
 * @property string|null $subject_label
 * @property-read Line $line
 * @property-read Asset $asset
 */
final class MaintenanceCall extends Record
{
    protected $table = 'maintenance_calls';

    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Line, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(Line::class, 'line_id');
    }

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class, 'asset_id');
    }

    public function subject(): Subject
    {
        return Subject::of('call', $this->id, $this->site_id);
    }
}
