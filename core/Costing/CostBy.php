<?php

declare(strict_types=1);

namespace Sundial\Costing;

/** By what costs of many orders are put together. */
enum CostBy: string
{
    case Place = 'place';
    case EquipmentClass = 'class';
    case CostCentre = 'cost centre';
    case Account = 'account';
    case Type = 'type';
    case Work = 'planned or not';
    case Month = 'month';

    /** As a table heads its first column. */
    public function label(): string
    {
        return match ($this) {
            self::Type => 'type of work',
            self::Work => 'planned or unplanned',
            default => $this->value,
        };
    }
}
