<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Queries\WhereByLabel;
use App\Work\Actions\Raising\RecordFinished;
use App\Work\Http\Requests\FinishedWorkRequest;
use App\Work\Pages\FinishedPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Work that is done already, written down on one form. */
final class FinishedController
{
    public function __construct(private readonly CurrentSite $site, private readonly FinishedPage $form)
    {
    }

    public function create(Request $request): Page
    {
        // What was typed before a refusal stands before what the address says.
        $typed = $request->old('asset');
        $tag = is_string($typed) ? $typed : Typed::word($request, 'asset');

        return Page::in('work', 'Finished already')
            ->sheet('work.finished', ['tag' => $tag] + ($this->form)($this->site->get(), $request->user(), $tag))
            ->withoutHorizon();
    }

    /** The meters and words of the asset that was typed; asked for while the form is filled in. */
    public function about(Request $request, WhereByLabel $find): Response
    {
        $where = $find($this->site->id(), Typed::word($request, 'asset'));

        return response(view('work.finished-about', $this->form->about($where))->render())
            ->header('Cache-Control', 'no-store')
            ->header('Vary', 'HX-Request');
    }

    public function store(FinishedWorkRequest $request, RecordFinished $record, FirstAnswer $once): RedirectResponse
    {
        $site = $this->site->get();
        $me = $request->user();

        return $once->redirect(static function () use ($request, $record, $site, $me): array {
            [$order] = $record($me, $request->order($site), $request->work($site, $me));

            return [
                "/orders/{$order->id}",
                "{$order->label()} is {$order->state->value}".
                    ($order->state->isLocked() ? '.' : '. It waits for its review.'),
            ];
        });
    }
}
