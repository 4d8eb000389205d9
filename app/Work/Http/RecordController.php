<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\Booking\BookService;
use App\Work\Actions\Booking\RecordFailure;
use App\Work\Actions\Booking\SetRepeat;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Actions\Requests\ReportFault;
use App\Work\Http\Requests\FailureRequest;
use App\Work\Http\Requests\FoundRequest;
use App\Work\Http\Requests\InvoiceRequest;
use App\Work\Http\Requests\UseRequest;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderByLabel;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\InvalidInput;

/** What is recorded on an order beside hours: parts that were used, services, and what failed. */
final class RecordController
{
    public function __construct(private readonly SiteDays $days, private readonly FirstAnswer $once)
    {
    }

    public function use(UseRequest $request, WorkOrder $order, UsePart $use): RedirectResponse
    {
        $used = $request->said($order, $this->days->site($order->site_id)->currency);

        return $this->once->redirect(static function () use ($use, $request, $order, $used): array {
            $use($request->user()->actor(), $order, $used);

            return ["/orders/{$order->id}#parts", "Booked: {$used->words()}."];
        });
    }

    public function invoice(InvoiceRequest $request, WorkOrder $order, BookService $book): RedirectResponse
    {
        $said = $request->said($order);

        return $this->once->redirect(static function () use ($book, $request, $order, $said): array {
            $book($request->user()->actor(), $order, $said);

            return ["/orders/{$order->id}#services", "{$said->what} is booked."];
        });
    }

    /** Something that was found during the work becomes a request of its own, and each shows the other. */
    public function found(FoundRequest $request, WorkOrder $order, ReportFault $report): RedirectResponse
    {
        $said = $request->said($order, $request->user()->name);

        return $this->once->redirect(static function () use ($request, $report, $said, $order): array {
            $report($request->user()->actor(), $said);

            return ["/orders/{$order->id}#asked", 'It is reported as a request of its own; the work here goes on.'];
        });
    }

    /** The same as an order at once, for whoever raises orders. */
    public function foundOrder(FoundRequest $request, WorkOrder $order, RaiseOrder $raise): RedirectResponse
    {
        $said = $request->order($order, $this->days->today($order->site_id));

        return $this->once->redirect(static fn (): array => [
            "/orders/{$raise($request->user()->actor(), $said)->id}",
            "It is an order of its own; the work on {$order->label()} goes on.",
        ]);
    }

    /** Whether it does again what an earlier order had mended: then its cost goes there. */
    public function repeats(Request $request, WorkOrder $order, SetRepeat $set, OrderByLabel $find): RedirectResponse
    {
        $typed = Typed::word($request, 'repeats');
        $first = $typed === '' ? null : $find($order->site_id, $typed) ?? throw InvalidInput::because(
            'no_order',
            'repeats',
            "This site has no order “{$typed}”.",
            $typed,
        );
        $set($request->user()->actor(), $order, $first);

        return redirect("/orders/{$order->id}#again")->with(
            'said',
            $first === null ? 'It repeats no other order.' : "Its cost goes to {$first->label()}.",
        );
    }

    public function failure(FailureRequest $request, WorkOrder $order, RecordFailure $record): RedirectResponse
    {
        $given = $request->validated();
        $record(
            $request->user()->actor(),
            $order,
            $request->said($this->days->site($order->site_id)),
            $given['done'] ?? null,
            $given['left_to_do'] ?? null,
            isset($given['version']) ? (int) $given['version'] : null,
        );

        return redirect("/orders/{$order->id}#failure")->with('said', 'What failed is recorded.');
    }
}
