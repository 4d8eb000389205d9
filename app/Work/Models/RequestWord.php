<?php

declare(strict_types=1);

namespace App\Work\Models;

use Illuminate\Database\Eloquent\Model;

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
final class RequestWord extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
