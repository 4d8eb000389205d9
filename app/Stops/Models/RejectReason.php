<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A reason for which pieces are rejected, under another one or at the top; of all lines, or of one.
 *
 * @property int $id
 * @property int|null $parent_id
 * @property string $name
 * @property int|null $line_id
 * @property bool $retired
 * @property int $version
 * @property-read self|null $parent
 */
final class RejectReason extends Record
{
    protected $table = 'reject_reasons';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'retired' => false];

    /** @var array<string, string> */
    protected $casts = ['retired' => 'bool'];

    public function subject(): Subject
    {
        return Subject::of('reject reason', $this->id);
    }

    /** @return BelongsTo<self, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }
}
