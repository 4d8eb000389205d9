<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Access\Rights;
use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Access\Right;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;

/**
 * An extra field of the register, for one class of assets or for all.
 *
 * @property int $id
 * @property string $name
 * @property FieldType $type
 * @property string $unit
 * @property list<string>|null $choices
 * @property int|null $class_id
 * @property bool $required
 * @property bool $retired
 * @property int $position
 * @property int $version
 * @property-read EquipmentClass|null $class
 */
final class Field extends Record
{
    protected $table = 'extra_fields';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'required' => false, 'retired' => false, 'unit' => ''];

    /** @var array<string, string> */
    protected $casts = ['type' => FieldType::class, 'choices' => 'array', 'required' => 'bool', 'retired' => 'bool'];

    /** @return BelongsTo<EquipmentClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(EquipmentClass::class, 'class_id');
    }

    public function rule(): ExtraField
    {
        return ExtraField::of($this->name, $this->type, $this->unit, $this->choices ?? [], $this->required);
    }

    public function label(): string
    {
        return $this->unit === '' ? $this->name : "{$this->name}, {$this->unit}";
    }

    /**
     * The fields that whoever is logged in may see: money is for those who see costs.
     *
     * @return Builder<Field>
     */
    public static function shown(?int $classId): Builder
    {
        return self::of($classId)->when(
            ! Rights::has(Right::SeeCosts),
            static fn (Builder $query) => $query->where('type', '<>', FieldType::Money->value),
        );
    }

    /** @return Builder<self> those that an asset of a class is asked for, by name */
    public static function of(?int $classId): Builder
    {
        return self::query()
            ->where('retired', false)
            ->where(
                static fn (Builder $any) => $any
                    ->whereNull('class_id')
                    ->when($classId !== null, static fn (Builder $or) => $or->orWhere('class_id', $classId)),
            )
            ->orderBy('position')
            ->orderBy('name')
            ->orderBy('id');
    }
}
