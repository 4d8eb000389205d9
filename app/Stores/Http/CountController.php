<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Stores\Actions\BookCount;
use App\Stores\Actions\DropCount;
use App\Stores\Actions\NoteCounted;
use App\Stores\Actions\PlanCount;
use App\Stores\Http\Requests\BookCountRequest;
use App\Stores\Http\Requests\CountRequest;
use App\Stores\Models\StockCount;
use App\Stores\Pages\CountPage;
use App\Stores\Pages\CountsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\Quantity;

/** Counts: what is due, the sheet to walk with, the differences, and that they are booked. */
final class CountController
{
    public function __construct(private readonly CurrentSite $site, private readonly FirstAnswer $once)
    {
    }

    public function index(CountsPage $page): Page
    {
        return Page::in('stores', 'Counts')->sheet('stores.counts.sheet', $page())->withoutHorizon();
    }

    public function store(CountRequest $request, PlanCount $plan): RedirectResponse
    {
        return $this->once->redirect(fn (): array => [
            '/counts/'.$plan(
                $request->user()->actor(),
                $request->store(),
                $request->about(),
                $request->stockIds($this->site->id()),
                $request->boolean('blind'),
            )->id,
            'The sheet is made. Walk it, and type what you count.',
        ]);
    }

    public function show(StockCount $count, CountPage $page): Page
    {
        $this->site->enter($count->site_id);

        return Page::in('stores', "{$count->label()} {$count->about}")
            ->sheet('stores.counts.count', $page($count))
            ->withoutHorizon();
    }

    public function note(Request $request, StockCount $count, NoteCounted $note): RedirectResponse
    {
        $given = $request->validate([
            'counted' => ['required', 'array', 'max:2000'],
            'counted.*' => ['nullable', 'string', 'max:20'],
        ]);
        $counted = [];
        foreach ($given['counted'] as $line => $typed) {
            $typed = trim((string) $typed);
            $counted[(int) $line] = $typed === '' ? null : Quantity::parse($typed, "counted.{$line}");
        }
        $lines = $note($request->user()->actor(), $count, $counted);

        return redirect("/counts/{$count->id}")->with('said', "{$lines} of the lines are counted.");
    }

    public function book(BookCountRequest $request, StockCount $count, BookCount $book): RedirectResponse
    {
        $differed = $book($request->user()->actor(), $count, $request->reason(), $request->second());

        return redirect("/counts/{$count->id}")->with('said', "{$count->label()} is booked: {$differed} differed.");
    }

    public function drop(Request $request, StockCount $count, DropCount $drop): RedirectResponse
    {
        $drop($request->user()->actor(), $count);

        return redirect('/counts')->with('said', "{$count->label()} is given up.");
    }
}
