<?php

declare(strict_types=1);

namespace App\Stores\Models;

use App\People\Models\Supplier;
use App\Platform\Records\Record;
use App\Platform\Subject;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Sundial\Costing\UnitPrice;
use Sundial\Stock\Pack;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

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
 * @property string|null $buy_unit what it is bought in, where that is not its unit
 * @property string|null $buy_of so many units
 * @property string|null $issue_unit what it is handed over in, where that is not its unit
 * @property string|null $issue_of so many units
 * @property string|null $tracked by batch or by serial number; null: not
 * @property int|null $shelf_days for which it keeps from the day it comes
 * @property int|null $repair_days until one comes back that is sent for repair; null: it is not repaired
 * @property int $scrapped_percent of those that are sent for repair
 * @property int|null $merged_into_id
 * @property bool $retired
 * @property int $version
 * @property-read Supplier|null $supplier
 */
final class Part extends Record
{
    protected $table = 'parts';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'unit' => 'pc', 'retired' => false, 'scrapped_percent' => 0];

    /** @var array<string, string> */
    protected $casts = [
        'retired' => 'boolean',
        'price' => 'decimal:4',
        'buy_of' => 'decimal:3',
        'issue_of' => 'decimal:3',
    ];

    public function subject(): Subject
    {
        return Subject::of('part', $this->id);
    }

    /** What a unit costs where money is counted in this currency; null if that is not known. */
    public function priceIn(string $currency): ?UnitPrice
    {
        return $this->price === null || $this->currency !== $currency ? null : UnitPrice::parse($this->price);
    }

    /** In what it is bought; null: by its unit. */
    public function bought(): ?Pack
    {
        return $this->buy_unit === null || $this->buy_of === null
            ? null
            : Pack::of($this->buy_unit, Quantity::parse($this->buy_of));
    }

    /** In what it is handed over; null: by its unit. */
    public function handedOver(): ?Pack
    {
        return $this->issue_unit === null || $this->issue_of === null
            ? null
            : Pack::of($this->issue_unit, Quantity::parse($this->issue_of));
    }

    /** @return array<string, Pack> what it may be counted in beside its unit, by name */
    public function packs(): array
    {
        $packs = [];
        foreach (array_filter([$this->handedOver(), $this->bought()]) as $pack) {
            $packs[$pack->name] = $pack;
        }

        return $packs;
    }

    /**
     * Thousandths that are typed, in its unit or in one of its packs.
     *
     * @throws InvalidInput
     */
    public function typed(string $many, ?string $in, string $field): int
    {
        $typed = Quantity::parse($many, $field);
        $pack = $in === null || $in === $this->unit ? null : $this->packs()[$in] ?? throw InvalidInput::because(
            'no_pack',
            $field,
            "{$this->name} is not counted in “{$in}”. Choose its unit, {$this->unit}.",
            $in,
        );

        return $pack === null ? $typed : $pack->times($typed);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }
}
