<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Queries\WhereByLabel;
use App\Stops\Actions\NameOrderOfStop;
use App\Work\Actions\Raising\RaiseWithWhatWaits;
use App\Work\Http\Requests\RaiseOrderRequest;
use App\Work\Pages\RaisePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** An order that somebody writes by hand: on an asset or a place, from a method, a former order, or a title alone. */
final class RaiseController
{
    public function __construct(private readonly CurrentSite $site, private readonly WhereByLabel $find)
    {
    }

    public function create(Request $request, RaisePage $page): Page
    {
        // What was typed before a refusal stands before what the address says.
        $typed = $request->old('asset');

        return Page::in('work', 'Raise an order')->sheet('work.raise', [
            ...$page(
                $this->site->get(),
                is_string($typed) ? $typed : Typed::word($request, 'asset'),
                Typed::id($request, 'method'),
                Typed::word($request, 'copy'),
            ),
            // What was found elsewhere is taken along.
            ...array_filter(Typed::words($request, 'title', 'about')),
            'stop' => Typed::id($request, 'stop'),
        ]);
    }

    /** What else waits at the asset or place that was typed; asked for while the form is filled in. */
    public function waits(Request $request, RaisePage $page): Response
    {
        $where = ($this->find)($this->site->id(), Typed::word($request, 'asset'));

        return response(view('work.raise-waits', $page->waits($where, $this->site->today()))->render())
            ->header('Cache-Control', 'no-store')
            ->header('Vary', 'HX-Request');
    }

    public function store(
        RaiseOrderRequest $request,
        RaiseWithWhatWaits $raise,
        NameOrderOfStop $name,
        FirstAnswer $once,
    ): RedirectResponse {
        $said = $request->said($this->site->id(), null);
        $by = $request->user()->actor();

        return $once->redirect(static function () use ($request, $raise, $name, $by, $said): array {
            $order = $raise($by, $said, $request->ticked('requests'), $request->ticked('schedules'));
            $stop = Typed::id($request, 'stop');
            if ($stop !== null) {
                $name($stop, $order->subject(), $order->label());
            }

            return ["/orders/{$order->id}", 'The order is raised. Plan the work here, then approve it.'];
        });
    }
}
