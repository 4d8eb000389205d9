<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A kind of work that people are skilled in: fitter, electrician.
 *
 * @property int $id
 * @property string $name
 * @property int $version
 * @property-read Collection<int, Rate> $rates
 */
final class Trade extends Record
{
    protected $table = 'trades';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @return HasMany<Rate, $this> */
    public function rates(): HasMany
    {
        return $this->hasMany(Rate::class)->orderByDesc('from_day');
    }
}
