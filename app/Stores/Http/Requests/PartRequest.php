<?php

declare(strict_types=1);

namespace App\Stores\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FieldRules;
use App\Stores\Inputs\PartInput;
use Illuminate\Foundation\Http\FormRequest;

/** The form of a part. */
final class PartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $fields = FieldRules::from(...PartInput::columns());

        return [
            'number' => [...$fields->of('number'), 'regex:/^\S+$/'],
            'name' => ['required', ...$fields->of('name')],
            'unit' => ['required', ...$fields->of('unit')],
            'price' => $fields->of('price'),
            'currency' => ['nullable', 'regex:/^[A-Z]{3}$/'],
            'supplier_id' => ['nullable', 'integer', 'exists:suppliers,id'],
            ...$fields->only('lead_days', 'class', 'criticality', 'note'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'number.regex' => 'A part number is written without spaces, such as BRG-6205.',
            'currency.regex' => 'The currency is written as three capital letters, such as EUR.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['number' => 'part number', 'supplier_id' => 'supplier', 'lead_days' => 'days'];
    }

    /** A price without a currency is one in the money of the site. */
    public function said(CurrentSite $site): PartInput
    {
        $given = $this->validated();

        return PartInput::of([
            'number' => $given['number'],
            'name' => $given['name'],
            'unit' => $given['unit'],
            'price' => $given['price'] ?? null,
            'currency' => $given['currency'] ?? $site->get()->currency,
            'supplier_id' => isset($given['supplier_id']) ? (int) $given['supplier_id'] : null,
            'lead_days' => isset($given['lead_days']) ? (int) $given['lead_days'] : null,
            'class' => $given['class'] ?? null,
            'criticality' => $given['criticality'] ?? null,
            'note' => $given['note'] ?? null,
            'retired' => $this->route('part') !== null && ! $this->boolean('in_use'),
        ]);
    }
}
