<?php

declare(strict_types=1);

namespace App\Work\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A point of an asset that is locked before one works on it.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property int $position
 * @property string $what
 */
final class IsolationPoint extends Model
{
    protected $table = 'isolation_points';

    public $timestamps = false;

    protected $guarded = [];
}
