<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Frame\AskedOnce;
use App\Platform\Frame\Page;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Stops\Actions\EnterShift;
use App\Stops\Actions\NoteShortStops;
use App\Stops\Actions\SignShift;
use App\Stops\Actions\StrikeShortStops;
use App\Stops\Http\Requests\ShiftRequest;
use App\Stops\Http\Requests\ShortRequest;
use App\Stops\Models\Line;
use App\Stops\Models\ShiftRecord;
use App\Stops\Models\ShortStop;
use App\Stops\Pages\ShiftKnown;
use App\Stops\Pages\ShiftPage;
use App\Stops\Pages\StopsIndex;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Stops\Span;

/** A shift of a line: what happened in it, what is entered of it, and its signature. */
final class ShiftController
{
    public function __construct(private readonly SiteDays $days)
    {
    }

    public function show(Request $request, ShiftRecord $shift, ShiftPage $page, StopsIndex $index): Page
    {
        $shift->loadMissing('line.asset');
        $known = new AskedOnce(static fn (): ShiftKnown => $page->known($shift));

        return Page::in('stops', "{$shift->line->asset->name}, {$shift->shift}")
            ->index('stops.index', static fn (): array => $index($shift->line_id))
            ->sheet('stops.shift.sheet', fn (): array => $page($known(), ...$this->band($request, $shift)) +
                ['asked' => $this->asked($request)])
            ->rest('stops.shift.rest', 'stops.shift.toc', static fn (): array => $page->rest($known()))
            ->withoutHorizon();
    }

    /** The band alone, while one looks on. */
    public function lit(Request $request, ShiftRecord $shift, ShiftPage $page): View
    {
        return view('stops.shift.band', $page->banded($shift, ...$this->band($request, $shift)) + [
            'asked' => $this->asked($request),
        ]);
    }

    public function enter(ShiftRequest $request, ShiftRecord $shift, EnterShift $enter): RedirectResponse
    {
        $kept = $enter(
            $request->user()->actor(),
            $shift,
            $request->said($shift, $this->days->site($shift->site_id)),
            $request->integer('version'),
        );

        return redirect("/shifts/{$kept->id}")->with('said', 'The shift is saved, and its figures follow.');
    }

    public function sign(Request $request, ShiftRecord $shift, SignShift $sign): RedirectResponse
    {
        $sign($request->user()->actor(), $shift, $request->integer('version'));

        return redirect("/shifts/{$shift->id}")->with('said', 'The shift is signed.');
    }

    public function takeBack(Request $request, ShiftRecord $shift, SignShift $sign): RedirectResponse
    {
        $given = $request->validate(
            ['because' => ['required', 'string', 'max:250'], 'version' => ['required', 'integer']],
            ['because.required' => 'Say why the signature is taken back.'],
        );
        $sign($request->user()->actor(), $shift, (int) $given['version'], $given['because']);

        return redirect("/shifts/{$shift->id}")->with('said', 'The signature is taken back; correct what is wrong.');
    }

    public function short(
        ShortRequest $request,
        Line $plantLine,
        NoteShortStops $note,
        FirstAnswer $once,
    ): RedirectResponse {
        $said = $request->said($this->days->site($plantLine->site_id));

        return $once->redirect(static function () use ($request, $plantLine, $note, $said): array {
            $short = $note($request->user()->actor(), $plantLine, $said);

            return ["/lines/{$plantLine->id}", "{$short->stops} short stops are noted: {$short->reason}."];
        });
    }

    public function strikeShort(Request $request, ShortStop $short, StrikeShortStops $strike): RedirectResponse
    {
        $given = $request->validate(
            ['short_because' => ['required', 'string', 'max:250']],
            ['short_because.required' => 'Say why they are struck out.'],
        );
        $strike($request->user()->actor(), $short, $given['short_because']);

        return redirect("/lines/{$short->line_id}")->with('said', 'The short stops are struck out.');
    }

    /** @return array{string, Span|null} how wide the band is, and what part of it is shown */
    private function band(Request $request, ShiftRecord $shift): array
    {
        $scale = Typed::word($request, 'band', 'shift');

        return [isset(ShiftPage::SCALES[$scale]) ? $scale : 'shift', $this->zoom($request, $shift)];
    }

    /** What of the band was chosen, as its address says it. */
    private function asked(Request $request): string
    {
        $asked = http_build_query(array_filter(Typed::words($request, 'band', 'from', 'to')));

        return $asked === '' ? '' : "?{$asked}";
    }

    /** A part of the shift, in minutes since it began. */
    private function zoom(Request $request, ShiftRecord $shift): ?Span
    {
        $from = Typed::id($request, 'from') ?? 0;
        $to = Typed::id($request, 'to');
        $span = $shift->span();
        if ($to === null || $to <= $from || $from * 60 >= $span->seconds()) {
            return null;
        }

        return Span::between($span->from + $from * 60, min($span->to, $span->from + $to * 60));
    }
}
