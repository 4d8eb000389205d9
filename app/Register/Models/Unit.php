<?php

declare(strict_types=1);

namespace App\Register\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A unit that is offered for meters and for fields that hold numbers.
 *
 * @property int $id
 * @property string $symbol
 * @property string $name
 * @property int $version
 * @property-read string $code
 */
final class Unit extends Model
{
    protected $guarded = [];

    protected $attributes = ['version' => 1];

    public function getCodeAttribute(): string
    {
        return $this->symbol;
    }
}
