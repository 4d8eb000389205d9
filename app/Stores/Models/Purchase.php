<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\People\Models\Supplier;
use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Stock\PurchaseState;

/**
 * What is bought from a supplier, for the shelf or for orders.
 *
 * @property int $id
 * @property int $site_id
 * @property int $number
 * @property int $supplier_id
 * @property int $store_id where it is delivered
 * @property PurchaseState $state
 * @property string $currency
 * @property string|null $note
 * @property string|null $expected_on
 * @property int|null $raised_by
 * @property string $raised_who
 * @property string $raised_on
 * @property int|null $approved_by
 * @property string|null $approved_who
 * @property string|null $sent_on
 * @property string|null $over_on
 * @property string|null $over_reason
 * @property string|null $mailed_to
 * @property string|null $mailed_at when the mail left; null while it waits to
 * @property int $version
 * @property-read Supplier $supplier
 * @property-read Store $store
 * @property-read Collection<int, PurchaseLine> $lines
 */
final class Purchase extends Record
{
    protected $table = 'purchases';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'state' => 'draft'];

    /** @var array<string, string> */
    protected $casts = ['state' => PurchaseState::class];

    public function label(): string
    {
        return "B-{$this->number}";
    }

    public function subject(): Subject
    {
        return Subject::of('purchase', $this->id, $this->site_id);
    }

    /** Cents of all that is ordered; lines without a price count nothing. */
    public function total(): int
    {
        return (int) $this->lines->sum(static fn (PurchaseLine $one): int => $one->cost() ?? 0);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<Store, $this> */
    public function store(): BelongsTo
    {
        return $this->belongsTo(Store::class);
    }

    /** @return HasMany<PurchaseLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(PurchaseLine::class)->orderBy('id');
    }
}
