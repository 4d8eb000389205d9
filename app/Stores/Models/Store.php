<?php

declare(strict_types=1);

namespace App\Stores\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A store of a site: where parts lie.
 *
 * @property int $id
 * @property int $site_id
 * @property string $code
 * @property string $name
 * @property bool $active
 * @property int $version
 */
final class Store extends Model
{
    protected $guarded = [];

    protected $attributes = ['version' => 1, 'active' => true];

    /** @var array<string, string> */
    protected $casts = ['active' => 'boolean'];
}
