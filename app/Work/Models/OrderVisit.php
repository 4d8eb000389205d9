<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Planning\Models\MethodRevision;
use App\Planning\Models\Visit;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A visit that an order covers.
 *
 * @property int $id
 * @property int $order_id
 * @property int $visit_id
 * @property int|null $revision_id
 * @property-read MethodRevision|null $revision
 * @property-read Visit $visit
 */
final class OrderVisit extends Record
{
    protected $table = 'order_visits';

    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<MethodRevision, $this> the one that its steps were taken from */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(MethodRevision::class, 'revision_id');
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }
}
