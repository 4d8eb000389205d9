<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Stores\Inputs\Delivered;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Models\Purchase;
use App\Stores\Models\PurchaseLine;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** What came of a purchase: for each of its lines how many are kept, how many go back, and what one cost. */
final class DeliveryRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'came' => ['required', 'array'],
            'came.*' => ['nullable', 'string', 'max:20'],
            'back' => ['nullable', 'array'],
            'back.*' => ['nullable', 'string', 'max:20'],
            'in' => ['nullable', 'array'],
            'in.*' => ['nullable', 'string', 'max:12'],
            'lots' => ['nullable', 'array'],
            'lots.*' => ['nullable', 'string', 'max:4000'],
            'best_before' => ['nullable', 'array'],
            'best_before.*' => ['nullable', 'date_format:Y-m-d'],
            'price' => ['nullable', 'array'],
            'price.*' => ['nullable', 'string', 'max:20'],
            'note' => ['nullable', 'string', 'max:250'],
        ];
    }

    /**
     * @return list<Delivered> of the lines of this purchase alone
     *
     * @throws InvalidInput
     */
    public function delivered(Purchase $purchase): array
    {
        $given = $this->validated();

        return array_values($purchase->lines->map(fn (PurchaseLine $line): Delivered => Delivered::of(
            $line->id,
            $this->many('came', $line),
            $this->price($line->id),
        )
            ->sendingBack($this->many('back', $line), $given['note'] ?? null)
            ->lots(LotsTyped::of($given['lots'][$line->id] ?? null, $given['best_before'][$line->id] ?? null)))
            ->all());
    }

    private function many(string $field, PurchaseLine $line): int
    {
        $typed = trim((string) ($this->validated()[$field][$line->id] ?? ''));
        $many = $typed === '' ? 0 : Quantity::parse($typed, "{$field}.{$line->id}");
        $pack = $line->pack();

        return $pack !== null && ($this->validated()['in'][$line->id] ?? null) === $pack->name
            ? $pack->times($many)
            : $many;
    }

    private function price(int $line): ?UnitPrice
    {
        $typed = trim((string) ($this->validated()['price'][$line] ?? ''));

        return $typed === '' ? null : UnitPrice::parse($typed, "price.{$line}");
    }
}
