<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * Somebody who saw the same fault as a request tells of; never edited.
 *
 * @property int $id
 * @property int $request_id
 * @property int|null $user_id
 * @property string $who
 * @property string $said_at
 */
final class RequestVoice extends Record
{
    protected $table = 'request_voices';

    public $timestamps = false;

    protected $guarded = [];
}
