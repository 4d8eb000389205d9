<?php

declare(strict_types=1);

namespace App\Register\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What kind of equipment an asset is.
 *
 * @property int $id
 * @property string $name
 * @property int $version
 */
final class EquipmentClass extends Model
{
    protected $table = 'equipment_classes';

    protected $guarded = [];

    protected $attributes = ['version' => 1];
}
