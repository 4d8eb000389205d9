<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Work\Inputs\Invoice;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Support\InvalidInput;

/** The form with which an outside service or its invoice is booked. */
final class InvoiceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'service_what' => ['required', 'string', 'max:200'],
            'service_amount' => ['required', 'string', 'max:20'],
            'service_supplier' => ['nullable', 'integer', 'exists:suppliers,id'],
            'invoice' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['service_what.required' => 'Say what it was for.', 'service_amount.required' => 'Give the amount.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['service_what' => 'service', 'service_amount' => 'amount', 'service_supplier' => 'supplier'];
    }

    /** @throws InvalidInput */
    public function said(): Invoice
    {
        $given = $this->validated();

        return Invoice::of(
            $given['service_what'],
            $given['service_amount'],
            isset($given['service_supplier']) ? (int) $given['service_supplier'] : null,
            $given['invoice'] ?? null,
        );
    }
}
