<?php

declare(strict_types=1);

namespace App\Platform\Sites;

use App\Platform\Records\Record;

/**
 * A day on which a site does not work, besides its weekly rest: a holiday, a shut-down.
 *
 * @property int $id
 * @property int $site_id
 * @property string $day
 * @property string $name
 */
final class RestDay extends Record
{
    protected $table = 'site_rest_days';

    protected $guarded = [];

    public $timestamps = false;
}
