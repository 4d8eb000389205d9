<?php

declare(strict_types=1);

namespace App\Platform\Fields;

use App\Platform\Records\Record;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;

/**
 * A field that the plant added to records of a kind, such as its orders: to all of them, or to those of one sort.
 *
 * @property int $id
 * @property string $kind
 * @property string $name
 * @property FieldType $type
 * @property string $unit
 * @property list<string>|null $choices
 * @property string|null $only_for a type of order, a class of parts; null: all
 * @property bool $retired
 */
final class RecordField extends Record
{
    protected $table = 'record_fields';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['unit' => '', 'retired' => false];

    /** No record waits for one of its fields: what is needed is said by the rules of its kind. */
    public bool $required = false;

    /** @var array<string, string> */
    protected $casts = ['type' => FieldType::class, 'choices' => 'array', 'retired' => 'bool'];

    public function rule(): ExtraField
    {
        return ExtraField::of($this->name, $this->type, $this->unit, $this->choices ?? []);
    }

    public function label(): string
    {
        return $this->unit === '' ? $this->name : "{$this->name}, {$this->unit}";
    }
}
