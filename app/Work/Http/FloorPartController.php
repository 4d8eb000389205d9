<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Stores\Models\Part;
use App\Stores\Queries\InBin;
use App\Work\Actions\Booking\UsePart;
use App\Work\Http\Requests\IssueRequest;
use App\Work\Pages\FloorPartPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** A part before its shelf, on a phone in one hand: what is there, take for an order, put back. */
final class FloorPartController
{
    public function __construct(private readonly CurrentSite $site, private readonly FirstAnswer $once)
    {
    }

    /** Where the label of a part leads. */
    public function label(Part $part): RedirectResponse
    {
        return redirect('/floor/parts/'.($part->merged_into_id ?? $part->id));
    }

    /** Where the label of a bin leads. */
    public function ofBin(string $bin): RedirectResponse
    {
        return redirect('/floor/bins/'.rawurlencode($bin));
    }

    public function show(Part $part, FloorPartPage $page): View
    {
        return view('work.picks.floor', $page($part));
    }

    /** What lies in a bin: one part opens by itself. */
    public function bin(string $bin, InBin $find): View|RedirectResponse
    {
        $parts = $find($this->site->id(), $bin);

        $only = $parts->count() === 1 ? $parts->first() : null;

        return $only !== null
            ? redirect("/floor/parts/{$only->id}")
            : view('work.picks.bin', [
                'title' => "Bin {$bin}",
                'bin' => $bin,
                'parts' => $parts,
                'site' => $this->site->get(),
            ]);
    }

    public function take(IssueRequest $request, Part $part, UsePart $use): RedirectResponse
    {
        $order = $request->order($this->site->id());
        Gate::authorize('takeParts', $order);
        $used = $request->used($part, $order, $this->site->get()->currency);

        return $this->once->redirect(static function () use ($request, $part, $order, $use, $used): array {
            $use($request->user()->actor(), $order, $used);
            $did = $used->thousandths < 0 ? 'Put back from' : 'Taken for';

            return ["/floor/parts/{$part->id}", "{$did} {$order->label()}: {$used->words()}."];
        });
    }
}
