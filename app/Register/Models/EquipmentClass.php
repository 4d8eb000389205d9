<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Records\Record;

/**
 * What kind of equipment an asset is.
 *
 * @property int $id
 * @property string $name
 * @property int $level of ISO 14224's taxonomy
 * @property int $version
 */
final class EquipmentClass extends Record
{
    /** The levels of ISO 14224 at which the register has classes. */
    public const LEVELS = [6 => 'equipment unit', 7 => 'subunit', 8 => 'maintainable item', 9 => 'part'];

    protected $table = 'equipment_classes';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'level' => 6];
}
