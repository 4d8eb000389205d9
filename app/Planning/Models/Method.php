<?php

declare(strict_types=1);

namespace App\Planning\Models;

use App\Platform\Records\Record;
use App\Register\Models\EquipmentClass;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Sundial\Planning\Method\RevisionState;

/**
 * The reusable instruction for a piece of work; what it says is in its revisions.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property int|null $class_id
 * @property int $version
 * @property-read MethodRevision|null $inForce
 * @property-read MethodRevision|null $draft
 * @property-read EquipmentClass|null $class
 */
final class Method extends Record
{
    protected $table = 'methods';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** The next free code: M-046. */
    public static function nextCode(): string
    {
        for (
            $n = (int) self::query()->max('id') + 1;
            self::query()->where('code', sprintf('M-%03d', $n))->exists();

        ) {
            $n++;
        }

        return sprintf('M-%03d', $n);
    }

    /** @return HasOne<MethodRevision, $this> */
    public function inForce(): HasOne
    {
        $revision = $this->hasOne(MethodRevision::class);
        $revision->where('state', RevisionState::InForce);

        return $revision;
    }

    /** @return HasOne<MethodRevision, $this> */
    public function draft(): HasOne
    {
        $revision = $this->hasOne(MethodRevision::class);
        $revision->where('state', RevisionState::Draft);

        return $revision;
    }

    /** @return HasMany<MethodRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(MethodRevision::class)->orderByDesc('number');
    }

    /** @return HasMany<Schedule, $this> */
    public function schedules(): HasMany
    {
        return $this->hasMany(Schedule::class);
    }

    /** @return BelongsTo<EquipmentClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(EquipmentClass::class, 'class_id');
    }
}
