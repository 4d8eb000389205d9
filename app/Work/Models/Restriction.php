<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Builder;

/**
 * How a machine that was found faulty may run until it is mended.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property int|null $request_id
 * @property string $what
 * @property string|null $until_on
 * @property string $who
 * @property string $set_at
 * @property string|null $lifted_at
 * @property string|null $lifted_who
 */
final class Restriction extends Record
{
    protected $table = 'restrictions';

    public $timestamps = false;

    protected $guarded = [];

    /** @return Builder<self> those in force */
    public static function standing(): Builder
    {
        return self::query()->whereNull('lifted_at');
    }
}
