<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Work\Inputs\RechargeInput;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Support\Money;

/** The form of the recharge of an order. */
final class RechargeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'customer' => ['required', 'string', 'max:120'],
            'customer_order' => ['nullable', 'string', 'max:60'],
            'discount' => ['nullable', 'string', 'max:20'],
            'set_total' => ['nullable', 'string', 'max:20'],
            'set_reason' => ['nullable', 'string', 'max:250'],
            'invoice' => ['nullable', 'string', 'max:60'],
            'references' => ['nullable', 'array', 'max:20'],
            'references.*' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @param  list<string>  $names */
    public function recharge(array $names): RechargeInput
    {
        $given = $this->validated();
        $cents = static fn (string $field): ?int => trim((string) ($given[$field] ?? '')) === ''
            ? null
            : Money::parse($given[$field], $field);
        $references = array_filter(
            array_intersect_key($given['references'] ?? [], array_flip($names)),
            static fn (?string $one): bool => $one !== null && trim($one) !== '',
        );

        return RechargeInput::to(trim($given['customer']), $given['customer_order'] ?? null, $given['invoice'] ?? null)
            ->amounts($cents('discount') ?? 0, $cents('set_total'), $given['set_reason'] ?? null)
            ->naming($references);
    }
}
