<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Inputs\SupplierInput;
use App\People\Models\Supplier;
use App\Platform\Writing\FieldRules;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The form of a supplier. */
final class SupplierRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $fields = FieldRules::from(...SupplierInput::columns());
        $words = $fields->only(...array_keys(SupplierInput::WORDS));

        return [
            'name' => [...$fields->of('name'), Rule::unique('suppliers')->ignore($this->standing()?->id)],
            'email' => [...$words['email'], 'email'],
            'website' => [...$words['website'], 'url:http,https'],
        ] + $words;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => 'There is a supplier of that name already.',
            'website.url' => 'Write the whole address, such as https://example.org.',
            'email.email' => 'Write it such as name@example.org.',
        ];
    }

    public function said(): SupplierInput
    {
        return SupplierInput::of($this->validated() + [
            'contractor' => $this->boolean('contractor'),
            'active' => $this->standing() === null || $this->boolean('active'),
        ]);
    }

    private function standing(): ?Supplier
    {
        $supplier = $this->route('supplier');

        return $supplier instanceof Supplier ? $supplier : null;
    }
}
