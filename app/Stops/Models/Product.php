<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;

/**
 * What is made on the lines of a site.
 *
 * @property int $id
 * @property int $site_id
 * @property string $number
 * @property string $name
 * @property string $unit
 * @property bool $retired
 * @property int $version
 */
final class Product extends Record
{
    protected $table = 'products';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'retired' => false];

    /** @var array<string, string> */
    protected $casts = ['retired' => 'bool'];

    public function subject(): Subject
    {
        return Subject::of('product', $this->id, $this->site_id);
    }
}
