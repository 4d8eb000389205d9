<?php

declare(strict_types=1);

namespace App\Planning\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Planning\Method\RevisionState;

/**
 * One state of a method. A revision in force is never edited; orders keep the one they were made from.
 *
 * @property int $id
 * @property int $method_id
 * @property int $number
 * @property RevisionState $state
 * @property string|null $purpose
 * @property string $order_type
 * @property string $priority
 * @property string|null $ladder
 * @property string|null $tools
 * @property string|null $precautions
 * @property string|null $why
 * @property string|null $put_by
 * @property string|null $put_at
 * @property string $made_at
 * @property-read Method $method
 * @property-read Collection<int, MethodStep> $steps
 * @property-read Collection<int, MethodLabour> $labour
 */
final class MethodRevision extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @var array<string, string> */
    protected $casts = ['state' => RevisionState::class];

    /** @return BelongsTo<Method, $this> */
    public function method(): BelongsTo
    {
        return $this->belongsTo(Method::class);
    }

    /** @return HasMany<MethodStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(MethodStep::class, 'revision_id')->orderBy('position');
    }

    /** @return HasMany<MethodLabour, $this> */
    public function labour(): HasMany
    {
        return $this->hasMany(MethodLabour::class, 'revision_id')->orderBy('id');
    }
}
