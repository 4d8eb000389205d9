<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * What was done with an isolation, when and by whom. A line of a ledger.
 *
 * @property int $id
 * @property int $isolation_id
 * @property string $did
 * @property int|null $user_id
 * @property string $who
 * @property string $at
 */
final class IsolationEvent extends Record
{
    protected $table = 'isolation_events';

    public $timestamps = false;

    protected $guarded = [];
}
