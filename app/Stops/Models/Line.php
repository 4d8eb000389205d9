<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\Asset;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Calendar\LocalDate;

/**
 * An asset that makes things as a whole: its shifts, its parts, its products and what an hour of it is worth.
 *
 * @property int $id
 * @property int $site_id
 * @property int $asset_id
 * @property int $speed_below seconds below which a stop is lost speed
 * @property int|null $hour_cents what an hour of it is worth
 * @property int|null $idle_after seconds without a signal of running after which it stands
 * @property int|null $lowest_percent of the ideal rate, below which it stands by its signals
 * @property bool $retired
 * @property int $version
 * @property-read Asset $asset
 * @property-read Collection<int, LinePattern> $patterns
 * @property-read Collection<int, LineRate> $rates
 * @property-read Collection<int, Asset> $parts
 */
final class Line extends Record
{
    protected $guarded = [];

    protected $table = 'plant_lines';

    protected $attributes = ['version' => 1, 'retired' => false, 'speed_below' => 0];

    /** @var array<string, string> */
    protected $casts = ['retired' => 'bool'];

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class, 'asset_id');
    }

    /** @return HasMany<LinePattern, $this> */
    public function patterns(): HasMany
    {
        return $this->hasMany(LinePattern::class, 'line_id')->orderBy('from_on');
    }

    /** @return HasMany<LineRate, $this> */
    public function rates(): HasMany
    {
        return $this->hasMany(LineRate::class, 'line_id')->orderBy('from_on');
    }

    /** @return BelongsToMany<Asset, $this> those whose stop stops the line */
    public function parts(): BelongsToMany
    {
        return $this->belongsToMany(Asset::class, 'line_parts', 'line_id', 'asset_id')->orderBy('tag');
    }

    /** The pattern that holds on a day; null: none was agreed yet. */
    public function patternOn(LocalDate $day): ?LinePattern
    {
        return $this->patterns->last(static fn (LinePattern $one): bool => $one->from_on <= (string) $day);
    }

    /** @return list<int> the line itself, and what stops it */
    public function assetIds(): array
    {
        return [$this->asset_id, ...array_map(intval(...), $this->parts->modelKeys())];
    }

    public function subject(): Subject
    {
        return Subject::of('line', $this->id, $this->site_id);
    }
}
