<?php

declare(strict_types=1);

namespace App\Work\Models;

use Illuminate\Database\Eloquent\Model;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;

/**
 * A field that the plant added to its orders, of one type or of all.
 *
 * @property int $id
 * @property string $name
 * @property FieldType $type
 * @property string $unit
 * @property list<string>|null $choices
 * @property string|null $order_type
 * @property bool $retired
 */
final class OrderField extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['unit' => '', 'retired' => false];

    /** No order waits for one of its fields: what is needed is said by the rules of its type. */
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
