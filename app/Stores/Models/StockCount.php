<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A sheet to walk a store with and count what lies there.
 *
 * @property int $id
 * @property int $site_id
 * @property int $store_id
 * @property int $number
 * @property string $state open, booked, dropped
 * @property bool $blind it does not say what the books say
 * @property string $about
 * @property string $made_on
 * @property int|null $made_by
 * @property string $made_who
 * @property string|null $booked_on
 * @property string|null $booked_who
 * @property int $version
 * @property-read Store $store
 * @property-read Collection<int, CountLine> $lines
 */
final class StockCount extends Record
{
    protected $table = 'stock_counts';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'state' => 'open', 'blind' => true];

    /** @var array<string, string> */
    protected $casts = ['blind' => 'boolean'];

    public function label(): string
    {
        return "C-{$this->number}";
    }

    public function subject(): Subject
    {
        return Subject::of('count', $this->id, $this->site_id);
    }

    public function isOpen(): bool
    {
        return $this->state === 'open';
    }

    /** @return BelongsTo<Store, $this> */
    public function store(): BelongsTo
    {
        return $this->belongsTo(Store::class);
    }

    /** @return HasMany<CountLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(CountLine::class, 'count_id');
    }
}
