<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Access\Rights;
use App\Platform\Files\Table;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Stores\Actions\CountStock;
use App\Stores\Actions\MoveToStore;
use App\Stores\Actions\ReceiveStock;
use App\Stores\Actions\ReverseReceipt;
use App\Stores\Actions\ScrapStock;
use App\Stores\Actions\SetStock;
use App\Stores\Actions\StockInStore;
use App\Stores\Http\Requests\StockRequest;
use App\Stores\Inputs\Consenting;
use App\Stores\Inputs\StockInput;
use App\Stores\Models\Movement;
use App\Stores\Models\Part;
use App\Stores\Models\Store;
use App\Stores\Queries\MovesOf;
use App\Stores\Stock\Posting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Moves the stock of a part: receives, carries, counts, writes off; each form once, however often it is sent. */
final class StockController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly FirstAnswer $once,
        private readonly Wording $words,
    ) {
    }

    public function receive(
        StockRequest $request,
        Part $part,
        StockInStore $rows,
        ReceiveStock $receive,
    ): RedirectResponse {
        $price = $request->price() ?? $part->priceIn($this->site->get()->currency) ?? throw InvalidInput::because(
            'no_price',
            'price',
            'Say what one cost; the catalogue does not know it.',
        );

        return $this->answer($request, $part, function () use ($request, $part, $rows, $receive, $price): string {
            $row = $rows($part->id, $request->storeId());
            $receive(
                $row->id,
                $request->thousandths(),
                $price,
                Posting::by($request->user()->actor(), MoveKind::Receipt)
                    ->because($request->reason())
                    ->lots($request->lots()),
            );

            return "{$this->many($request)} {$part->unit} of {$part->name} are on the shelf of {$row->store->name}.";
        });
    }

    public function carry(StockRequest $request, Part $part, MoveToStore $carry): RedirectResponse
    {
        $from = $request->stock($part);

        return $this->answer($request, $part, function () use ($request, $carry, $from): string {
            $move = $carry(
                $request->user()->actor(),
                $from,
                $request->toId(),
                $request->thousandths(),
                Consenting::of($request, $from->site_id),
                $request->reason(),
                $request->lots(),
            );

            return "{$this->many($request)} went from {$from->store->name} to {$move->stock->store->name}.";
        });
    }

    public function writeOff(StockRequest $request, Part $part, ScrapStock $scrap): RedirectResponse
    {
        $stock = $request->stock($part);
        $second = $request->second() ?? throw InvalidInput::because(
            'no_second',
            'second_id',
            'Name who else has seen it.',
        );

        return $this->answer($request, $part, function () use ($request, $scrap, $stock, $second): string {
            $scrap(
                $request->user()->actor(),
                $stock,
                $request->thousandths(),
                Consenting::of($request, $stock->site_id),
                (string) $request->reason(),
                $second,
                $request->lots(),
            );

            return "{$this->many($request)} are written off.";
        });
    }

    public function count(StockRequest $request, Part $part, StockInStore $rows, CountStock $count): RedirectResponse
    {
        return $this->answer($request, $part, function () use ($request, $part, $rows, $count): string {
            $stock = $rows($part->id, $request->storeId());
            $move = $count($request->user()->actor(), $stock->id, $request->counted());

            return $move === null
                ? 'It is as the books say.'
                : "The books say {$this->words->quantity($move->on_hand_after)} now; they said ".
                    $this->words->quantity($stock->on_hand).'.';
        });
    }

    /** Where it lies in a store, and when it is bought again; a part that lay there never before does from now on. */
    public function keep(
        Request $request,
        Part $part,
        Store $store,
        StockInStore $rows,
        SetStock $set,
    ): RedirectResponse {
        $given = $request->validate([
            'bin' => ['nullable', 'string', 'max:20'],
            'reorder_point' => ['nullable', 'string', 'max:20'],
            'order_quantity' => ['nullable', 'string', 'max:20'],
            'most' => ['nullable', 'string', 'max:20'],
        ], [], ['order_quantity' => 'quantity to buy', 'most' => 'most']);
        $set(
            $request->user()->actor(),
            $rows($part->id, $store->id),
            StockInput::typed($given),
            Typed::id($request, 'version'),
        );

        return redirect("/parts/{$part->id}#stores")->with('said', "How it is kept in {$store->name} is saved.");
    }

    public function reverse(
        Request $request,
        Movement $movement,
        ReverseReceipt $reverse,
    ): RedirectResponse {
        $given = $request->validate(['reason' => ['required', 'string', 'max:250']]);
        $reverse(
            $request->user()->actor(),
            $movement,
            $given['reason'],
            Consenting::of($request, $movement->site_id),
        );

        return redirect("/parts/{$movement->stock->part_id}#moves")->with('said', 'The receipt is taken back.');
    }

    /** All that moved, and what was on hand and worth after each: the balance of any day past. */
    public function export(Part $part, string $format, MovesOf $moves): StreamedResponse
    {
        $prices = Rights::has(Right::SeePrices);

        return Table::stream(
            $format,
            "movements-{$part->number}",
            ['day', 'store', 'what', 'quantity', 'value', 'on hand after', 'worth after', 'for', 'reason', 'who',
                'seen by'],
            $moves->all($part->id, $this->site->id())->map(static fn (Movement $one): array => [
                $one->moved_on,
                $one->stock->store->code,
                $one->kind->value,
                $one->quantity,
                $prices ? $one->value_cents / 100 : null,
                $one->on_hand_after,
                $prices ? $one->value_after_cents / 100 : null,
                $one->label,
                $one->reason,
                $one->who,
                $one->second_who,
            ]),
        );
    }

    /** @param  callable(): string  $do  says what was done */
    private function answer(Request $request, Part $part, callable $do): RedirectResponse
    {
        return $this->once->redirect(static fn (): array => ["/parts/{$part->id}", $do()]);
    }

    private function many(StockRequest $request): string
    {
        return $this->words->quantity(Quantity::plain($request->thousandths()));
    }
}
