<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Sites\OnSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\Assets\AddAssets;
use App\Work\Actions\Assets\CopySteps;
use App\Work\Actions\Assets\DrawTogether;
use App\Work\Actions\Assets\LinkOrders;
use App\Work\Actions\Assets\SetAssetState;
use App\Work\Actions\Assets\SetSpread;
use App\Work\Actions\Assets\SplitOrder;
use App\Work\Actions\Assets\TakeAssetOff;
use App\Work\Actions\Assets\UnlinkOrders;
use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Queries\NamedAssets;
use App\Work\Queries\OrderByLabel;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\SpreadBy;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;
use Sundial\Work\AssetState;
use Sundial\Work\LinkKind;

/** The assets on which an order is worked, and the orders that hang together with it. */
final class OrderAssetsController
{
    public function __construct(private readonly FirstAnswer $once, private readonly OrderByLabel $orders)
    {
    }

    public function add(Request $request, WorkOrder $order, NamedAssets $named, AddAssets $add): RedirectResponse
    {
        $given = $request->validate([
            'tags' => ['nullable', 'string', 'max:8000'],
            'class_id' => ['nullable', 'integer', 'exists:equipment_classes,id'],
            'place_id' => ['nullable', OnSite::record('locations', $order->site_id, 'place')],
        ], [], ['class_id' => 'class', 'place_id' => 'place']);
        $assets = [
            ...$named->byTags($order->site_id, $given['tags'] ?? ''),
            ...isset($given['class_id'])
                ? $named->ofClass(
                    $order->site_id,
                    (int) $given['class_id'],
                    isset($given['place_id']) ? (int) $given['place_id'] : null,
                )
                : [],
        ];
        $add($request->user()->actor(), $order, ...$assets);

        return $this->back($order, count($assets) === 1 ? 'It is on the order.' : count($assets).' are on the order.');
    }

    public function take(Request $request, WorkOrder $order, OrderAsset $row, TakeAssetOff $take): RedirectResponse
    {
        abort_unless($row->order_id === $order->id, 404);
        $take($request->user()->actor(), $order, $row);

        return $this->back($order, "{$row->label()} is off the order.");
    }

    public function state(Request $request, WorkOrder $order, OrderAsset $row, SetAssetState $set): RedirectResponse
    {
        abort_unless($row->order_id === $order->id, 404);
        $given = $request->validate([
            'state' => ['required', Rule::enum(AssetState::class)],
            'done_on' => ['nullable', 'date_format:Y-m-d'],
            'left_reason' => ['nullable', 'string', 'max:250'],
        ], [], ['done_on' => 'day', 'left_reason' => 'reason']);
        $row = $set(
            $request->user()->actor(),
            $order,
            $row,
            AssetState::from($given['state']),
            isset($given['done_on']) ? LocalDate::parse($given['done_on'], 'done_on') : null,
            $given['left_reason'] ?? null,
        );

        return $this->back($order, "{$row->label()} is {$row->state->value}.");
    }

    public function copySteps(Request $request, WorkOrder $order, CopySteps $copy): RedirectResponse
    {
        $count = $copy($request->user()->actor(), $order);

        return redirect("/orders/{$order->id}#steps")->with('said', "The steps stand at {$count} more assets.");
    }

    public function spread(Request $request, WorkOrder $order, SetSpread $set): RedirectResponse
    {
        $given = $request->validate(['spread' => ['required', Rule::enum(SpreadBy::class)]]);
        $set($request->user()->actor(), $order, SpreadBy::from($given['spread']));

        return $this->back($order, 'What is booked on all assets is spread by '.
            SpreadBy::from($given['spread'])->label().'.');
    }

    public function split(Request $request, WorkOrder $order, SplitOrder $split): RedirectResponse
    {
        $given = $request->validate(['rows' => ['required', 'array', 'max:200'], 'rows.*' => ['integer']], [
            'rows.required' => 'Choose the assets that get an order of their own.',
        ]);
        $rows = array_values(array_map(intval(...), $given['rows']));

        return $this->once->redirect(static fn (): array => [
            "/orders/{$split($request->user()->actor(), $order, $rows)->id}",
            'This is the part that was taken out. Plan its people, then approve it.',
        ]);
    }

    public function draw(Request $request, WorkOrder $order, DrawTogether $draw): RedirectResponse
    {
        $words = TextLines::words(Typed::word($request, 'others'));
        $others = array_map(fn (string $word): WorkOrder => $this->named($order, $word, 'others'), $words);
        $draw($request->user()->actor(), $order, ...$others);

        return $this->back($order, count($others).' orders are drawn into this one.');
    }

    public function link(Request $request, WorkOrder $order, LinkOrders $link): RedirectResponse
    {
        $given = $request->validate([
            'link_kind' => ['required', Rule::enum(LinkKind::class)],
            'link_to' => ['required', 'string', 'max:20'],
        ], ['link_to.required' => 'Give the number of the other order.']);
        $other = $this->named($order, $given['link_to'], 'link_to');
        $link($request->user()->actor(), $order, $other, LinkKind::from($given['link_kind']));

        return $this->back($order, "{$order->label()} {$given['link_kind']} {$other->label()}.");
    }

    public function unlink(Request $request, WorkOrder $order, WorkOrder $other, UnlinkOrders $cut): RedirectResponse
    {
        abort_unless($other->site_id === $order->site_id, 404);
        $cut($request->user()->actor(), $order, $other);

        return $this->back($order, "{$order->label()} and {$other->label()} hang together no more.");
    }

    private function named(WorkOrder $order, string $word, string $field): WorkOrder
    {
        return ($this->orders)($order->site_id, $word) ?? throw InvalidInput::because(
            'no_order',
            $field,
            "This site has no order “{$word}”.",
            $word,
        );
    }

    private function back(WorkOrder $order, string $said): RedirectResponse
    {
        return redirect("/orders/{$order->id}#assets")->with('said', $said);
    }
}
