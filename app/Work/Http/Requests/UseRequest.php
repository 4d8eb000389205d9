<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Stores\Inputs\Consenting;
use App\Stores\Queries\PartAsTyped;
use App\Work\Inputs\PartUsed;
use App\Work\Models\OrderPart;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderRows;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Sundial\Costing\SpentOn;
use Sundial\Costing\UnitPrice;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** The form with which a part is booked: one of the plan, one of the catalogue, or one bought at a shop. */
final class UseRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'line_id' => ['nullable', 'integer'],
            'used_part' => ['required_without:line_id', 'nullable', 'string', 'max:120'],
            'used_quantity' => ['required', 'string', 'max:20'],
            'used_price' => ['nullable', 'string', 'max:20'],
            'used_note' => ['nullable', 'string', 'max:250'],
            'spent_on' => ['nullable', Rule::enum(SpentOn::class)],
            'row_id' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['used_part.required_without' => 'Give a part number, or say what was bought.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['used_part' => 'part', 'used_quantity' => 'quantity', 'used_price' => 'price', 'used_note' => 'note'];
    }

    /** @throws InvalidInput no_line, no_part */
    public function said(WorkOrder $order, string $currency): PartUsed
    {
        $given = $this->validated();

        return $this->used($given, $order, $currency)->spentOn(
            SpentOn::from($given['spent_on'] ?? SpentOn::Plan->value),
        )->onRow(OrderRows::checked($order->id, $given['row_id'] ?? null))
            ->consenting(Consenting::of($this, $order->site_id));
    }

    /** @param  array<string, mixed>  $given */
    private function used(array $given, WorkOrder $order, string $currency): PartUsed
    {
        $quantity = Quantity::parse($given['used_quantity'], 'used_quantity');
        $quantity = $this->boolean('given_back') ? -abs($quantity) : $quantity;
        $note = $given['used_note'] ?? null;
        if (isset($given['line_id'])) {
            $line = OrderPart::query()->where('order_id', $order->id)->find((int) $given['line_id']);

            return PartUsed::ofLine(
                $line ?? throw InvalidInput::because('no_line', 'line_id', 'This line is not in the plan any more.'),
                $quantity,
                $note,
            );
        }
        $part = app(PartAsTyped::class)($given['used_part']);
        $price = trim((string) ($given['used_price'] ?? ''));
        if ($part === null && $price === '') {
            throw InvalidInput::because(
                'no_part',
                'used_part',
                "The catalogue has no part “{$given['used_part']}”. Choose its number, or give what one cost.",
            );
        }

        return $part === null
            ? PartUsed::bought($given['used_part'], $quantity, UnitPrice::parse($price, 'used_price'), $note)
            : PartUsed::ofPart($part, $quantity, $currency, $note);
    }
}
