<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\ToolDays;

/**
 * The days on which something wants a special tool.
 *
 * @property int $id
 * @property int $site_id
 * @property int $tool_id
 * @property string $subject_kind
 * @property int $subject_id
 * @property string $label
 * @property string $from_on
 * @property string $to_on
 * @property string $who
 * @property-read Tool $tool
 */
final class ToolBooking extends Record
{
    protected $table = 'tool_bookings';

    public $timestamps = false;

    protected $guarded = [];

    public function days(): ToolDays
    {
        return ToolDays::of(LocalDate::parse($this->from_on), LocalDate::parse($this->to_on));
    }

    /** @return BelongsTo<Tool, $this> */
    public function tool(): BelongsTo
    {
        return $this->belongsTo(Tool::class);
    }
}
