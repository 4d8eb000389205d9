<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Records\Record;

/**
 * A unit that is offered for meters and for fields that hold numbers.
 *
 * @property int $id
 * @property string $symbol
 * @property string $name
 * @property int $version
 */
final class Unit extends Record
{
    protected $table = 'units';

    protected $guarded = [];

    protected $attributes = ['version' => 1];
}
