<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Register\LifeState;
use Sundial\Register\ShortCode;

/**
 * A line, a machine, or a part of one.
 *
 * @property int $id
 * @property int $site_id
 * @property int|null $location_id
 * @property int|null $parent_id
 * @property int $class_id
 * @property int|null $team_id
 * @property string $tag
 * @property string $name
 * @property string|null $make
 * @property string|null $model
 * @property string|null $serial
 * @property string $criticality
 * @property LifeState $life_state
 * @property string|null $in_service_on
 * @property string|null $out_of_use_since
 * @property string|null $notes
 * @property int|null $cost_centre_id
 * @property int|null $supplier_id
 * @property string|null $purchased_on
 * @property int|null $purchase_cents
 * @property int|null $replacement_cents
 * @property string|null $warranty_until
 * @property int|null $merged_into_id
 * @property int|null $tie_id
 * @property string|null $search
 * @property string $path
 * @property int $version
 * @property-read EquipmentClass $class
 * @property-read Location|null $location
 */
final class Asset extends Record
{
    protected $table = 'assets';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @var array<string, string> */
    protected $casts = [
        'life_state' => LifeState::class,
        'class_id' => 'integer',
        'team_id' => 'integer',
        'cost_centre_id' => 'integer',
        'supplier_id' => 'integer',
    ];

    /** @return BelongsTo<EquipmentClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(EquipmentClass::class, 'class_id');
    }

    /** @return BelongsTo<Location, $this> */
    public function location(): BelongsTo
    {
        return $this->belongsTo(Location::class);
    }

    /** The code that its label carries, whatever becomes of its tag. */
    public function shortCode(): string
    {
        return ShortCode::of($this->id)->code;
    }

    /** @return BelongsTo<Asset, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    public function subject(): Subject
    {
        return Subject::of('asset', $this->id, $this->site_id);
    }
}
