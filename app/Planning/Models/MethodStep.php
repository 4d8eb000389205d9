<?php

declare(strict_types=1);

namespace App\Planning\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $revision_id
 * @property int $position
 * @property string $text
 * @property string|null $detail
 * @property string|null $safety
 * @property int $minutes
 * @property int $level
 */
final class MethodStep extends Model
{
    protected $guarded = [];

    public $timestamps = false;
}
