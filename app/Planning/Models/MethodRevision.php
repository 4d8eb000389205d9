<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Collection;
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
 * @property-read Collection<int, MethodPart> $parts
 * @property-read Collection<int, MethodService> $services
 */
final class MethodRevision extends Record
{
    protected $table = 'method_revisions';

    protected $guarded = [];

    public $timestamps = false;

    /** All that a revision says, as it is loaded to be read or compared. */
    public const WHOLE = ['steps', 'labour', 'parts.part', 'services'];

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

    /** @return HasMany<MethodPart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(MethodPart::class, 'revision_id')->orderBy('id');
    }

    /** @return HasMany<MethodService, $this> */
    public function services(): HasMany
    {
        return $this->hasMany(MethodService::class, 'revision_id')->orderBy('id');
    }
}
