<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * A permit or precaution that is confirmed before the work starts.
 *
 * @property int $id
 * @property int $order_id
 * @property int $position
 * @property string $text
 * @property string|null $confirmed_at
 * @property string|null $confirmed_by
 */
final class OrderPrecaution extends Record
{
    protected $table = 'order_precautions';

    protected $guarded = [];

    public $timestamps = false;
}
