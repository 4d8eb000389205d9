<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;

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
final class Store extends Record
{
    protected $table = 'stores';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'active' => true];

    /** @var array<string, string> */
    protected $casts = ['active' => 'boolean'];
}
