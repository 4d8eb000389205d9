<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\EquipmentClass;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Stops\StopKind;

/**
 * A reason for which machines stand, under another one or at the top; for all, or for one class.
 *
 * @property int $id
 * @property int|null $parent_id
 * @property string $name
 * @property StopKind $kind
 * @property int|null $class_id
 * @property int|null $line_id
 * @property bool $retired
 * @property int $version
 * @property-read self|null $parent
 * @property-read EquipmentClass|null $class
 * @property-read Line|null $line
 */
final class StopReason extends Record
{
    protected $table = 'stop_reasons';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'retired' => false];

    /** @var array<string, string> */
    protected $casts = ['kind' => StopKind::class, 'retired' => 'bool'];

    public function subject(): Subject
    {
        return Subject::of('stop reason', $this->id);
    }

    /** @return BelongsTo<self, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return BelongsTo<EquipmentClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(EquipmentClass::class, 'class_id');
    }

    /** @return BelongsTo<Line, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(Line::class, 'line_id');
    }
}
