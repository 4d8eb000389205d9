<?php

declare(strict_types=1);

namespace App\Register\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;

/**
 * A place at a site, of any depth.
 *
 * @property int $id
 * @property int $site_id
 * @property int|null $parent_id
 * @property string $tag
 * @property string $name
 * @property string $path
 * @property int $version
 */
final class Location extends Record
{
    protected $table = 'locations';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    public function subject(): Subject
    {
        return Subject::of('location', $this->id, $this->site_id);
    }
}
