<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;

/**
 * A question that was asked back about a request, or its answer; never edited.
 *
 * @property int $id
 * @property int $request_id
 * @property int|null $user_id
 * @property string $who
 * @property string $words
 * @property string $said_at
 */
final class RequestWord extends Record
{
    protected $table = 'request_words';

    public $timestamps = false;

    protected $guarded = [];
}
