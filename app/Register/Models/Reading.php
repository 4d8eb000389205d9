<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A line of the ledger of readings; never edited.
 *
 * @property int $id
 * @property int $meter_id
 * @property string $at
 * @property string $on_day
 * @property string $shown
 * @property string $turn
 * @property string|null $old_final
 * @property string $source
 * @property int|null $user_id
 * @property string $who
 * @property string|null $note
 * @property string $taken_at
 * @property-read Meter $meter
 */
final class Reading extends Record
{
    protected $table = 'readings';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Meter, $this> */
    public function meter(): BelongsTo
    {
        return $this->belongsTo(Meter::class);
    }
}
