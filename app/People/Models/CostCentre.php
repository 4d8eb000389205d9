<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Platform\Records\Record;

/**
 * Where the books put the costs of an asset or an order.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property int $version
 */
final class CostCentre extends Record
{
    protected $table = 'cost_centres';

    protected $guarded = [];

    protected $attributes = ['version' => 1];
}
