<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Work\Inputs\Invoice;
use App\Work\Models\OrderService;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderRows;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Costing\SpentOn;
use Sundial\Support\InvalidInput;

/** The form with which an outside service or its invoice is booked. */
final class InvoiceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'service_line' => ['nullable', 'integer'],
            'service_what' => ['required_without:service_line', 'nullable', 'string', 'max:200'],
            'spent_on' => ['nullable', Rule::enum(SpentOn::class)],
            'row_id' => ['nullable', 'integer'],
            'service_amount' => ['required', 'string', 'max:20'],
            'service_supplier' => ['nullable', 'integer', 'exists:suppliers,id'],
            'invoice' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'service_what.required_without' => 'Say what it was for.',
            'service_amount.required' => 'Give the amount.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['service_what' => 'service', 'service_amount' => 'amount', 'service_supplier' => 'supplier'];
    }

    /** @throws InvalidInput no_line */
    public function said(WorkOrder $order): Invoice
    {
        $given = $this->validated();
        $line = isset($given['service_line']) ? $this->line($order, (int) $given['service_line']) : null;

        return Invoice::of(
            $given['service_what'] ?? (string) $line?->what,
            $given['service_amount'],
            isset($given['service_supplier']) ? (int) $given['service_supplier'] : $line?->supplier_id,
            $given['invoice'] ?? null,
        )->ofLine($line?->id)->spentOn(SpentOn::from($given['spent_on'] ?? SpentOn::Plan->value))
            ->onRow(OrderRows::checked($order->id, $given['row_id'] ?? null));
    }

    private function line(WorkOrder $order, int $id): OrderService
    {
        return OrderService::query()->where('order_id', $order->id)->find($id) ?? throw InvalidInput::because(
            'no_line',
            'service_line',
            'This service is not in the plan any more. Choose another, or say what it was for.',
        );
    }
}
