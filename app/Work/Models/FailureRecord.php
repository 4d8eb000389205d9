<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * What failed, why, and what was done about it, in words that can be counted.
 *
 * @property int $id
 * @property int $order_id
 * @property int $asset_id
 * @property string|null $symptom
 * @property string|null $mode
 * @property string|null $mechanism
 * @property string|null $cause
 * @property string|null $action
 * @property string|null $found how it was found
 * @property string|null $effect
 * @property string|null $failed_at
 * @property string|null $none_because why it was not a failure
 * @property string|null $done
 * @property string|null $left_to_do
 * @property int $version
 */
final class FailureRecord extends Record
{
    protected $table = 'failure_records';

    protected $attributes = ['version' => 1];

    protected $guarded = [];
}
