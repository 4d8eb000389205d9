<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * A point of an asset that is locked before one works on it.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property int $position
 * @property string $what
 */
final class IsolationPoint extends Record
{
    protected $table = 'isolation_points';

    public $timestamps = false;

    protected $guarded = [];
}
