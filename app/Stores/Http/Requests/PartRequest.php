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
            ...$fields->only('buy_unit', 'buy_of', 'issue_unit', 'issue_of'),
            ...$fields->only('tracked', 'shelf_days', 'repair_days', 'scrapped_percent'),
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
        return ['number' => 'part number', 'supplier_id' => 'supplier', 'lead_days' => 'days', 'buy_of' => 'number',
            'issue_of' => 'number', 'shelf_days' => 'days', 'repair_days' => 'days', 'scrapped_percent' => 'share'];
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
            'buy_unit' => $given['buy_unit'] ?? null,
            'buy_of' => $given['buy_of'] ?? null,
            'issue_unit' => $given['issue_unit'] ?? null,
            'issue_of' => $given['issue_of'] ?? null,
            'tracked' => $given['tracked'] ?? null,
            'shelf_days' => isset($given['shelf_days']) ? (int) $given['shelf_days'] : null,
            'repair_days' => isset($given['repair_days']) ? (int) $given['repair_days'] : null,
            'scrapped_percent' => (int) ($given['scrapped_percent'] ?? 0),
            'retired' => $this->route('part') !== null && ! $this->boolean('in_use'),
        ]);
    }
}
