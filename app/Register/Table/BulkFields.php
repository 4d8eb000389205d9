<?php

declare(strict_types=1);

namespace App\Register\Table;

use App\People\Models\CostCentre;
use App\People\Models\Supplier;
use App\People\Models\Team;
use App\Register\Actions\BulkEditAssets;
use App\Register\Models\EquipmentClass;
use App\Register\Models\Field;
use Sundial\Register\Criticality;
use Sundial\Register\LifeState;
use Sundial\Support\InvalidInput;

/** What many assets can be set to at once: how each field is called, what it may hold, and how a value reads. */
final readonly class BulkFields
{
    private const LABELS = [
        'team_id' => 'team',
        'criticality' => 'criticality',
        'cost_centre_id' => 'cost centre',
        'supplier_id' => 'supplier',
        'life_state' => 'life state',
        'make' => 'make',
        'model' => 'model',
        'class_id' => 'class',
    ];

    private const NEVER_EMPTY = ['criticality', 'life_state', 'class_id'];

    /** @throws InvalidInput if the field is none that many can be set to at once */
    public function known(string $field): string
    {
        return $this->extra($field) !== null || in_array($field, BulkEditAssets::FACTS, true)
            ? $field
            : throw InvalidInput::because('no_field', 'form', 'Choose what is to be set.');
    }

    public function label(string $field): string
    {
        $extra = $this->extra($field);

        return $extra === null ? self::LABELS[$field] : $this->field($extra)->label();
    }

    /**
     * What was typed, as it is kept; null empties the field.
     *
     * @throws InvalidInput if it is none of the choices, or may not be empty
     */
    public function read(int $siteId, string $field, string $typed): ?string
    {
        if ($typed === '') {
            return in_array($field, self::NEVER_EMPTY, true)
                ? throw InvalidInput::because('missing', 'form', 'Say what it is to be set to.')
                : null;
        }
        $extra = $this->extra($field);
        if ($extra !== null) {
            return $this->field($extra)->rule()->read($typed, 'form');
        }

        return $this->isChoice($siteId, $field, $typed)
            ? $typed
            : throw InvalidInput::because(
                'no_value',
                'form',
                "“{$typed}” is none of the choices for ".$this->label($field).'.',
                $typed,
            );
    }

    public function word(string $field, ?string $value): string
    {
        $extra = $this->extra($field);

        return match (true) {
            $value === null => 'nothing',
            $extra !== null => $this->field($extra)->rule()->typed($value),
            default => (string) match ($field) {
                'team_id' => Team::query()->find($value)?->name,
                'cost_centre_id' => CostCentre::query()->find($value)?->code,
                'supplier_id' => Supplier::query()->find($value)?->name,
                'class_id' => EquipmentClass::query()->find($value)?->name,
                default => $value,
            },
        };
    }

    private function isChoice(int $siteId, string $field, string $typed): bool
    {
        return match ($field) {
            'team_id' => Team::query()->where('site_id', $siteId)->whereKey($typed)->exists(),
            'cost_centre_id' => CostCentre::query()->whereKey($typed)->exists(),
            'supplier_id' => Supplier::query()->whereKey($typed)->exists(),
            'class_id' => EquipmentClass::query()->whereKey($typed)->exists(),
            'criticality' => Criticality::tryFrom($typed) !== null,
            'life_state' => LifeState::tryFrom($typed) !== null && $typed !== LifeState::Retired->value,
            default => mb_strlen($typed) <= 80,
        };
    }

    /** The number of an extra field, which is named x and its number. */
    private function extra(string $field): ?int
    {
        return preg_match('/^x(\d+)$/D', $field, $part) === 1 ? (int) $part[1] : null;
    }

    private function field(int $id): Field
    {
        return Field::query()->findOrFail($id);
    }
}
