<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use App\Stores\Models\Part;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Planning\Method\NeedLine;
use Sundial\Support\Quantity;

/**
 * A part that a revision needs, from a level of its ladder on.
 *
 * @property int $id
 * @property int $revision_id
 * @property int $part_id
 * @property string $quantity
 * @property int $level
 * @property-read Part $part
 */
final class MethodPart extends Record
{
    protected $table = 'method_parts';

    public $timestamps = false;

    protected $guarded = [];

    public function line(): NeedLine
    {
        return NeedLine::part($this->part->number, Quantity::parse($this->quantity), $this->level);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
