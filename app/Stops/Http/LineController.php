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
    public function show(Line $plantLine, ShiftsOfLine $shifts): RedirectResponse
    {
        $last = $shifts->current($plantLine->id);

        return redirect($last === null ? "/lines/{$plantLine->id}/settings" : "/shifts/{$last}");
    }

    public function settings(Line $plantLine, LinePage $page, StopsIndex $index): Page
    {
        $plantLine->load('asset');

        return Page::in('stops', $plantLine->asset->name)
            ->index('stops.index', static fn (): array => $index($plantLine->id))
            ->sheet('stops.line.settings', $page($plantLine))
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
        $asset = $find($this->site->id(), $request->assetTag()) ?? throw ValidationException::withMessages([
            'tag' => 'There is no asset of that tag at this site. Write the tag as its sheet shows it.',
        ]);
        $plantLine = $save(
            $request->user()->actor(),
            new Line(['site_id' => $asset->site_id, 'asset_id' => $asset->id]),
            $request->said(),
        );

        return redirect("/lines/{$plantLine->id}/settings")->with(
            'said',
            "{$asset->name} is a line. Say next when it is worked, and what it makes.",
        );
    }

    public function update(LineRequest $request, Line $plantLine, SaveLine $save): RedirectResponse
    {
        $save($request->user()->actor(), $plantLine, $request->said(), $request->integer('version'));

        return redirect("/lines/{$plantLine->id}/settings")->with('said', 'The line is saved.');
    }

    public function pattern(PatternRequest $request, Line $plantLine, SetPattern $set): RedirectResponse
    {
        $kept = $set($request->user()->actor(), $plantLine, $request->from(), $request->pattern());

        return redirect("/lines/{$plantLine->id}/settings")->with('said', "The shifts hold from {$kept->from_on} on.");
    }

    public function rate(RateRequest $request, Line $plantLine, SetIdealRate $set): RedirectResponse
    {
        $rate = $set(
            $request->user()->actor(),
            $plantLine,
            $request->productId(),
            $request->from(),
            $request->seconds(),
        );

        return redirect("/lines/{$plantLine->id}/settings")->with(
            'said',
            "{$rate->product->name} is measured by {$request->seconds()} s from {$request->from()->inWords()} on.",
        );
    }
}
