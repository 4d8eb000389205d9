<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Sites\Site;
use App\Stores\Demand\WantedIn;
use App\Stores\Inputs\LineToBuy;
use App\Stores\Inputs\PurchaseInput;
use App\Stores\Inputs\WhatToBuy;
use App\Stores\Models\Part;
use App\Stores\Queries\PartAsTyped;
use App\Stores\Queries\ToBuyIn;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** The form of a purchase: those that are ticked, how many, at which price; and one part besides by its number. */
final class PurchaseRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        return [
            'supplier_id' => ['required', 'integer', 'exists:suppliers,id'],
            'store_id' => ['required', OnSite::record('stores', $site->id(), 'store')],
            'expected_on' => ['nullable', 'date_format:Y-m-d'],
            'note' => ['nullable', 'string', 'max:500'],
            'buy' => ['nullable', 'array', 'max:500'],
            'buy.*' => ['string', 'max:40'],
            'quantity' => ['nullable', 'array'],
            'quantity.*' => ['nullable', 'string', 'max:20'],
            'price' => ['nullable', 'array'],
            'price.*' => ['nullable', 'string', 'max:20'],
            'why' => ['nullable', 'array'],
            'why.*' => ['nullable', 'string', 'max:250'],
            'part' => ['nullable', 'string', 'max:180'],
            'part_quantity' => ['nullable', 'string', 'max:20'],
            'part_price' => ['nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'supplier_id' => 'supplier',
            'store_id' => 'store',
            'expected_on' => 'day',
            'part_quantity' => 'quantity',
        ];
    }

    /** @throws InvalidInput */
    public function purchase(Site $site): PurchaseInput
    {
        $given = $this->validated();
        $lines = [];
        $wanted = [];
        foreach (app(ToBuyIn::class)($site->id) as $one) {
            $wanted[$one->key()] = $one;
        }
        foreach ($given['buy'] ?? [] as $key) {
            $lines[] = isset($wanted[$key])
                ? $this->bought($wanted[$key])
                : $this->shelf((string) $key, $site->currency);
        }
        if (trim((string) ($given['part'] ?? '')) !== '') {
            $lines[] = $this->other($site->currency);
        }
        $on = $given['expected_on'] ?? null;

        return PurchaseInput::from((int) $given['supplier_id'], (int) $given['store_id'], ...$lines)
            ->expected($on === null ? null : LocalDate::parse($on), $given['note'] ?? null);
    }

    private function shelf(string $key, string $currency): LineToBuy
    {
        $part = preg_match('/^part-(\d{1,18})$/D', $key, $found) === 1
            ? Part::query()->find((int) $found[1])
            : null;
        if ($part === null) {
            throw InvalidInput::because(
                'gone',
                'buy',
                'One of the lines is not wanted any more. Look again, then order.',
            );
        }
        $typed = trim((string) ($this->validated()['quantity'][$key] ?? ''));

        return LineToBuy::forShelf(
            $part,
            $this->many($typed, "quantity.{$key}"),
            $this->price($key) ?? $part->priceIn($currency),
            $this->validated()['why'][$key] ?? null,
        );
    }

    private function bought(WantedIn $one): LineToBuy
    {
        return LineToBuy::forOrder($one->for, $one->label, $one->line, new WhatToBuy(
            $one->what->partId,
            $one->what->name,
            $one->what->unit,
            $one->what->thousandths,
            $this->price($one->key()) ?? $one->what->price,
        ));
    }

    private function other(string $currency): LineToBuy
    {
        $given = $this->validated();
        $part = app(PartAsTyped::class)($given['part']) ?? throw InvalidInput::because(
            'no_part',
            'part',
            "The catalogue has no part “{$given['part']}”. Choose its number.",
        );
        $price = trim((string) ($given['part_price'] ?? ''));

        return LineToBuy::forShelf(
            $part,
            $this->many((string) ($given['part_quantity'] ?? ''), 'part_quantity'),
            $price === '' ? $part->priceIn($currency) : UnitPrice::parse($price, 'part_price'),
        );
    }

    /** @throws InvalidInput no_quantity, at the field in which it was typed */
    private function many(string $typed, string $field): int
    {
        return LineToBuy::checked(Quantity::parse($typed === '' ? '0' : $typed, $field), $field);
    }

    private function price(string $key): ?UnitPrice
    {
        $typed = trim((string) ($this->validated()['price'][$key] ?? ''));

        return $typed === '' ? null : UnitPrice::parse($typed, "price.{$key}");
    }
}
