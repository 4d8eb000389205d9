<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Stores\Actions\BookTool;
use App\Stores\Actions\FreeTool;
use App\Stores\Models\Tool;
use App\Stores\Queries\ToolsOfSite;
use App\Work\Models\WorkOrder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\ToolDays;
use Sundial\Support\InvalidInput;

/** The special tools that an order has booked. */
final class OrderToolController
{
    public function book(
        Request $request,
        WorkOrder $order,
        ToolsOfSite $tools,
        BookTool $book,
    ): RedirectResponse {
        $given = $request->validate([
            'tool' => ['required', 'string', 'max:180'],
            'tool_from' => ['required', 'date_format:Y-m-d'],
            'tool_to' => ['nullable', 'date_format:Y-m-d'],
        ], [], ['tool' => 'tool', 'tool_from' => 'first day', 'tool_to' => 'last day']);
        $tool = $tools->named($order->site_id, $given['tool']) ?? throw InvalidInput::because(
            'no_tool',
            'tool',
            "There is no tool “{$given['tool']}” at this site. Write its number, such as T-003.",
        );
        $from = LocalDate::parse($given['tool_from']);
        $book(
            $request->user()->actor(),
            $tool,
            $order->subject(),
            "{$order->label()} {$order->title}",
            ToolDays::of($from, isset($given['tool_to']) ? LocalDate::parse($given['tool_to']) : $from),
        );

        return redirect("/orders/{$order->id}#tools")->with('said', 'It is booked.');
    }

    public function free(Request $request, WorkOrder $order, Tool $tool, FreeTool $free): RedirectResponse
    {
        $free($request->user()->actor(), $tool, $order->subject());

        return redirect("/orders/{$order->id}#tools")->with('said', "{$tool->name} is free again.");
    }
}
