<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Files\Pdf;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Stores\Actions\MailPurchase;
use App\Stores\Actions\MovePurchase;
use App\Stores\Actions\RaisePurchase;
use App\Stores\Actions\ReceivePurchase;
use App\Stores\Http\Requests\DeliveryRequest;
use App\Stores\Http\Requests\PurchaseRequest;
use App\Stores\Models\Purchase;
use App\Stores\Models\PurchaseLine;
use App\Stores\Pages\BuyingPage;
use App\Stores\Pages\PurchasePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Sundial\Stock\PurchaseMove;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is bought: proposals by supplier, purchases, and what came of them. */
final class PurchaseController
{
    public function __construct(private readonly CurrentSite $site, private readonly FirstAnswer $once)
    {
    }

    public function index(Request $request, BuyingPage $page): Page
    {
        $chosen = Typed::id($request, 'supplier');

        return Page::in('stores', 'What to buy')
            ->sheet('stores.buying.sheet', static fn (): array => $page($chosen))
            ->rest('stores.buying.rest', null, static fn (): array => $page->rest())
            ->withoutHorizon();
    }

    public function store(PurchaseRequest $request, RaisePurchase $raise): RedirectResponse
    {
        return $this->once->redirect(fn (): array => [
            '/purchases/'.$raise(
                $request->user()->actor(),
                $this->site->id(),
                $request->purchase($this->site->get()),
            )->id,
            'It is written. Look it over, then send it.',
        ]);
    }

    public function show(Purchase $purchase, PurchasePage $page): Page
    {
        $this->site->enter($purchase->site_id);

        return Page::in('stores', "{$purchase->label()} {$purchase->supplier->name}")
            ->sheet('stores.buying.purchase', $page($purchase))
            ->withoutHorizon();
    }

    public function move(Request $request, Purchase $purchase, MovePurchase $move): RedirectResponse
    {
        $given = $request->validate([
            'move' => ['required', 'in:approve,send,close,cancel'],
            'reason' => ['nullable', 'string', 'max:250'],
        ]);
        $purchase = $move(
            $request->user()->actor(),
            $purchase,
            PurchaseMove::from($given['move']),
            $given['reason'] ?? null,
            Typed::id($request, 'version'),
        );

        return redirect("/purchases/{$purchase->id}")->with(
            'said',
            "{$purchase->label()} is {$purchase->state->value}.",
        );
    }

    public function receive(DeliveryRequest $request, Purchase $purchase, ReceivePurchase $receive): RedirectResponse
    {
        return $this->once->redirect(static function () use ($request, $purchase, $receive): array {
            $now = $receive($request->user()->actor(), $purchase, ...$request->delivered($purchase));

            return ["/purchases/{$purchase->id}", "{$now->label()} is {$now->state->value}."];
        });
    }

    public function mail(Request $request, Purchase $purchase, MailPurchase $mail): RedirectResponse
    {
        $purchase = $mail($request->user()->actor(), $purchase);

        return redirect("/purchases/{$purchase->id}")->with('said', "It goes to {$purchase->mailed_to}.");
    }

    public function pdf(Purchase $purchase, PurchasePage $page): Response
    {
        $this->site->enter($purchase->site_id);

        return Pdf::response($purchase->label(), 'stores.buying.pdf', $page($purchase));
    }

    public function export(Purchase $purchase, string $format): StreamedResponse
    {
        return Table::stream(
            $format,
            $purchase->label(),
            ['number', 'their number', 'what', 'quantity', 'unit', 'packs', 'price', 'currency', 'expected', 'received',
                'for'],
            $purchase->lines()->with('part')->get()->map(static fn (PurchaseLine $one): array => [
                $one->part?->number,
                $one->their_number,
                $one->name,
                $one->quantity,
                $one->unit,
                $one->pack()?->words($one->thousandths()),
                $one->price,
                $purchase->currency,
                $one->expected_on ?? $purchase->expected_on,
                $one->received,
                $one->label,
            ]),
        );
    }
}
