<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\People\Models\Supplier;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Costing\UnitPrice;

/**
 * A part in the catalogue of the plant.
 *
 * @property int $id
 * @property string $number
 * @property string $name
 * @property string $unit
 * @property string|null $price what a unit costs, to four places
 * @property string|null $currency
 * @property int|null $supplier_id
 * @property int|null $lead_days until it comes, once it is ordered
 * @property string|null $class
 * @property string|null $criticality
 * @property string|null $note
 * @property bool $retired
 * @property int $version
 * @property-read Supplier|null $supplier
 */
final class Part extends Model
{
    protected $guarded = [];

    protected $attributes = ['version' => 1, 'unit' => 'pc', 'retired' => false];

    /** @var array<string, string> */
    protected $casts = ['retired' => 'boolean'];

    public function subject(): Subject
    {
        return Subject::of('part', $this->id);
    }

    /** What a unit costs where money is counted in this currency; null if that is not known. */
    public function priceIn(string $currency): ?UnitPrice
    {
        return $this->price === null || $this->currency !== $currency ? null : UnitPrice::parse($this->price);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return HasMany<Fit, $this> */
    public function fits(): HasMany
    {
        return $this->hasMany(Fit::class);
    }
}
