<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Platform\Audit\Actor;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Stores\Inputs\Counted;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Inputs\SecondPerson;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** The forms with which stock is moved: how many, in which store, and what else each asks. */
final class StockRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        return [
            'store_id' => ['required', OnSite::record('stores', $site->id(), 'store')],
            'to_id' => ['sometimes', 'required', OnSite::record('stores', $site->id(), 'store')],
            'quantity' => ['sometimes', 'required', 'string', 'max:20'],
            'counted' => ['sometimes', 'required', 'string', 'max:20'],
            'in' => ['nullable', 'string', 'max:12'],
            'lots' => ['nullable', 'string', 'max:4000'],
            'best_before' => ['nullable', 'date_format:Y-m-d'],
            'price' => ['nullable', 'string', 'max:20'],
            'reason' => ['nullable', 'string', 'max:250'],
            'second_id' => ['nullable', OnSite::person($site->id())],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['store_id' => 'store', 'to_id' => 'other store', 'second_id' => 'second person'];
    }

    /** @throws InvalidInput not_kept: the part lies in no such store */
    public function stock(Part $part): Stock
    {
        return Stock::query()
            ->where('part_id', $part->id)
            ->where('store_id', $this->storeId())
            ->first() ?? throw InvalidInput::because(
                'not_kept',
                'store_id',
                'It is not kept in that store yet. Choose the store in which it lies.',
            );
    }

    public function storeId(): int
    {
        return (int) $this->validated()['store_id'];
    }

    public function toId(): int
    {
        return (int) $this->validated()['to_id'];
    }

    public function thousandths(): int
    {
        return $this->many('quantity');
    }

    /** In the unit of the part, in whatever it was typed. */
    private function many(string $field): int
    {
        $part = $this->route('part');
        $typed = (string) $this->validated()[$field];

        return $part instanceof Part
            ? $part->typed($typed, $this->validated()['in'] ?? null, $field)
            : Quantity::parse($typed, $field);
    }

    /** What one cost, as typed; null where nothing was. */
    public function price(): ?UnitPrice
    {
        $typed = trim((string) ($this->validated()['price'] ?? ''));

        return $typed === '' ? null : UnitPrice::parse($typed);
    }

    public function lots(): LotsTyped
    {
        return LotsTyped::of($this->validated()['lots'] ?? null, $this->validated()['best_before'] ?? null);
    }

    public function reason(): ?string
    {
        return $this->validated()['reason'] ?? null;
    }

    public function counted(): Counted
    {
        return Counted::now($this->many('counted'))
            ->worth($this->price())
            ->because($this->reason(), $this->second());
    }

    public function second(): ?Actor
    {
        return SecondPerson::in($this->validated());
    }
}
