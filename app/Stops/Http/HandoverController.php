<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Stops\Actions\GiveShiftOver;
use App\Stops\Actions\TakeShiftOver;
use App\Stops\Models\ShiftHandover;
use App\Stops\Pages\HandoverPage;
use App\Stops\Pages\StopsIndex;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** One shift hands over to the next. */
final class HandoverController
{
    public function __construct(
        private readonly HandoverPage $page,
        private readonly StopsIndex $index,
        private readonly CurrentSite $site,
    ) {
    }

    public function index(): Page
    {
        return $this->page($this->page->now());
    }

    public function show(ShiftHandover $handover): Page
    {
        return $this->page($this->page->of($handover));
    }

    public function give(Request $request, GiveShiftOver $give): RedirectResponse
    {
        $given = $request->validate(['remarks' => ['nullable', 'string', 'max:4000']]);
        $shift = $this->page->shift() ?? throw ValidationException::withMessages([
            'form' => 'No line of this site has a shift yet. Say when a line is worked, in its settings.',
        ]);
        $handover = $give(
            $request->user(),
            $this->site->id(),
            $shift,
            $given['remarks'] ?? null,
            $this->page->told(),
        );

        return redirect("/handovers/{$handover->id}")->with(
            'said',
            'The shift is handed over. Whoever takes it signs here.',
        );
    }

    public function take(Request $request, ShiftHandover $handover, TakeShiftOver $take): RedirectResponse
    {
        $take($request->user(), $handover, $request->integer('version'));

        return redirect("/handovers/{$handover->id}")->with('said', 'You have taken the shift over.');
    }

    /** @param  array<string, mixed>  $data */
    private function page(array $data): Page
    {
        $index = $this->index;

        return Page::in('stops', 'Shift handover')
            ->index('stops.index', static fn (): array => $index(null))
            ->sheet('stops.handover.sheet', $data)
            ->withoutHorizon();
    }
}
