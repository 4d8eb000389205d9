<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Queries\OrderTypes;
use App\Platform\Frame\Page;
use App\Work\Actions\Fields\FillOrderFields;
use App\Work\Actions\Fields\OfferOrderField;
use App\Work\Actions\Fields\RetireOrderField;
use App\Work\Models\OrderField;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderFields;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\TextLines;

/** The fields that the plant adds to its orders. */
final class OrderFieldController
{
    public function index(OrderFields $fields, OrderTypes $types): Page
    {
        return Page::in('setup', 'Fields of orders')
            ->index('frame.setup-index', ['current' => 'order-fields'])
            ->sheet('work.fields.setup', [
                'fields' => $fields->all(),
                'kinds' => array_filter(
                    FieldType::cases(),
                    static fn (FieldType $one): bool => $one !== FieldType::Document,
                ),
                'types' => $types->offered(),
            ]);
    }

    public function add(Request $request, OfferOrderField $offer, OrderTypes $types): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'type' => ['required', Rule::enum(FieldType::class)],
            'unit' => ['nullable', 'string', 'max:12'],
            'choices' => ['nullable', 'string', 'max:4000'],
            'order_type' => ['nullable', 'string', 'max:40'],
        ]);
        $rule = ExtraField::of(
            $given['name'],
            FieldType::from($given['type']),
            $given['unit'] ?? '',
            TextLines::of($given['choices'] ?? ''),
        );
        $type = isset($given['order_type']) ? $types->named($given['order_type'])->name : null;
        $offer($request->user()->actor(), $rule, $type);

        return redirect('/setup/order-fields')->with('said', "“{$rule->name}” stands on orders from now on.");
    }

    public function retire(Request $request, OrderField $orderField, RetireOrderField $retire): RedirectResponse
    {
        $retire($request->user()->actor(), $orderField);

        return redirect('/setup/order-fields')->with('said', "“{$orderField->name}” is asked for no more.");
    }

    public function fill(Request $request, WorkOrder $order, FillOrderFields $fill): RedirectResponse
    {
        $given = $request->validate([
            'extra' => ['nullable', 'array', 'max:60'],
            'extra.*' => ['nullable', 'string', 'max:500'],
        ]);
        $fill(
            $request->user()->actor(),
            $order,
            array_map(static fn (?string $one): string => (string) $one, $given['extra'] ?? []),
        );

        return redirect("/orders/{$order->id}#fields")->with('said', 'It is filled in.');
    }
}
