<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Stops\Actions\SaveLine;
use App\Stops\Actions\SetIdealRate;
use App\Stops\Actions\SetPattern;
use App\Stops\Http\Requests\LineRequest;
use App\Stops\Http\Requests\PatternRequest;
use App\Stops\Http\Requests\RateRequest;
use App\Stops\Models\Line;
use App\Stops\Pages\LinePage;
use App\Stops\Pages\StopsIndex;
use App\Stops\Queries\AssetOfTag;
use App\Stops\Queries\ShiftsOfLine;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A line: its last shift, and how it is set up. */
final class LineController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    /** The shift that goes on, or the last one that did. */
    public function show(Line $line, ShiftsOfLine $shifts): RedirectResponse
    {
        $last = $shifts->current($line->id);

        return redirect($last === null ? "/lines/{$line->id}/settings" : "/shifts/{$last}");
    }

    public function settings(Line $line, LinePage $page, StopsIndex $index): Page
    {
        $line->load('asset');

        return Page::in('stops', $line->asset->name)
            ->index('stops.index', static fn (): array => $index($line->id))
            ->sheet('stops.line.settings', $page($line))
            ->withoutHorizon();
    }

    public function new(Request $request, StopsIndex $index): Page
    {
        return Page::in('stops', 'New line')
            ->index('stops.index', static fn (): array => $index(null))
            ->sheet('stops.line.new', ['tag' => $request->string('tag')->toString()])
            ->withoutHorizon();
    }

    public function store(LineRequest $request, SaveLine $save, AssetOfTag $find): RedirectResponse
    {
        $asset = $find($this->site->id(), $request->tag()) ?? throw ValidationException::withMessages([
            'tag' => 'There is no asset of that tag at this site. Write the tag as its sheet shows it.',
        ]);
        $line = $save(
            $request->user()->actor(),
            new Line(['site_id' => $asset->site_id, 'asset_id' => $asset->id]),
            $request->said(),
        );

        return redirect("/lines/{$line->id}/settings")->with(
            'said',
            "{$asset->name} is a line. Say next when it is worked, and what it makes.",
        );
    }

    public function update(LineRequest $request, Line $line, SaveLine $save): RedirectResponse
    {
        $save($request->user()->actor(), $line, $request->said(), $request->integer('version'));

        return redirect("/lines/{$line->id}/settings")->with('said', 'The line is saved.');
    }

    public function pattern(PatternRequest $request, Line $line, SetPattern $set): RedirectResponse
    {
        $kept = $set($request->user()->actor(), $line, $request->from(), $request->pattern());

        return redirect("/lines/{$line->id}/settings")->with('said', "The shifts hold from {$kept->from_on} on.");
    }

    public function rate(RateRequest $request, Line $line, SetIdealRate $set): RedirectResponse
    {
        $product = $request->product();
        $set($request->user()->actor(), $line, $product, $request->from(), $request->seconds());

        return redirect("/lines/{$line->id}/settings")->with(
            'said',
            "{$product->name} is measured by {$request->seconds()} s from {$request->from()} on.",
        );
    }
}
