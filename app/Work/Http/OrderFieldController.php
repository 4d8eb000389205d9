<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Planning\Queries\OrderTypes;
use App\Platform\Fields\FieldsOf;
use App\Platform\Fields\OfferField;
use App\Platform\Fields\RecordField;
use App\Platform\Fields\RetireField;
use App\Platform\Frame\Page;
use App\Platform\Http\Requests\FieldRequest;
use App\Platform\Writing\Seen;
use App\Work\Actions\Fields\FillOrderFields;
use App\Work\Models\WorkOrder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Register\FieldType;
use Sundial\Work\OrderType;

/** The fields that the plant adds to its orders. */
final class OrderFieldController
{
    private const KIND = 'order';

    public function index(FieldsOf $fields, OrderTypes $types): Page
    {
        return Page::in('setup', 'Fields of orders')
            ->index('frame.setup-index', ['current' => 'order-fields'])
            ->sheet('fields.setup', [
                'title' => 'Fields of orders',
                'says' => 'What the plant keeps of its orders beside what Sundial asks for. They can be columns of '.
                    'the table of orders.',
                'by' => '/setup/order-fields',
                'all' => 'all orders',
                'fields' => $fields->all(self::KIND),
                'kinds' => FieldType::typed(),
                'sorts' => array_map(static fn (OrderType $one): string => $one->name, $types->offered()),
            ]);
    }

    public function add(FieldRequest $request, OfferField $offer, OrderTypes $types): RedirectResponse
    {
        $rule = $request->rule();
        $sort = $request->onlyFor();
        $offer(
            $request->user()->actor(),
            self::KIND,
            $rule,
            $sort === null ? null : $types->named($sort)->name,
        );

        return redirect('/setup/order-fields')->with('said', "“{$rule->name}” stands on orders from now on.");
    }

    public function retire(Request $request, RecordField $orderField, RetireField $retire): RedirectResponse
    {
        $orderField->kind === self::KIND ? $retire($request->user()->actor(), $orderField) : abort(404);

        return redirect('/setup/order-fields')->with('said', "“{$orderField->name}” is asked for no more.");
    }

    public function fill(FieldRequest $request, WorkOrder $order, FillOrderFields $fill): RedirectResponse
    {
        $fill($request->user()->actor(), $order, $request->typedIn(), Seen::in($request));

        return redirect("/orders/{$order->id}#fields")->with('said', 'It is filled in.');
    }
}
