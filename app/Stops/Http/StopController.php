<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Page;
use App\Platform\Sites\SiteDays;
use App\Register\Models\Asset;
use App\Stops\Actions\CorrectStop;
use App\Stops\Actions\MergeStops;
use App\Stops\Actions\MoveStop;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\ReportRunning;
use App\Stops\Actions\SplitStop;
use App\Stops\Actions\StrikeStop;
use App\Stops\Http\Requests\CorrectStopRequest;
use App\Stops\Inputs\StopSaid;
use App\Stops\Models\Stop;
use App\Stops\Pages\StopPage;
use App\Stops\Pages\StopsIndex;
use App\Stops\Queries\AssetOfTag;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

final class StopController
{
    public function __construct(private readonly Clock $clock, private readonly SiteDays $days)
    {
    }

    public function down(Request $request, Asset $asset, ReportDown $report): RedirectResponse
    {
        Gate::authorize('view', $asset);
        $given = $request->validate(
            [
                'stop_reason' => ['required', 'string', 'max:120'],
                'from_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
                'stop_note' => ['nullable', 'string', 'max:500'],
            ],
            ['stop_reason.required' => 'Say what stopped it, in a few words.'],
            ['stop_reason' => 'reason', 'from_at' => 'time', 'stop_note' => 'note'],
        );
        $report(
            $request->user()->actor(),
            $asset,
            $this->at($asset, $given['from_at'] ?? null),
            StopSaid::because($given['stop_reason'])
                ->planned($request->boolean('planned'))
                ->noting($given['stop_note'] ?? null),
        );

        return redirect("/assets/{$asset->id}#stops")->with(
            'said',
            "{$asset->name} is down. Say so here when it runs again.",
        );
    }

    public function running(Request $request, Asset $asset, ReportRunning $report): RedirectResponse
    {
        Gate::authorize('view', $asset);
        $given = $request->validate(
            ['to_at' => ['nullable', 'date_format:Y-m-d\TH:i'], 'run_note' => ['nullable', 'string', 'max:500']],
            [],
            ['to_at' => 'time', 'run_note' => 'note'],
        );
        $report(
            $request->user()->actor(),
            $asset,
            $this->at($asset, $given['to_at'] ?? null),
            $given['run_note'] ?? null,
        );

        return redirect("/assets/{$asset->id}#stops")->with('said', "{$asset->name} runs again.");
    }

    public function show(Stop $stop, StopPage $page, StopsIndex $index): Page
    {
        return Page::in('stops', "Stop of {$stop->asset->name}")
            ->index('stops.index', static fn (): array => $index(null))
            ->sheet('stops.stop.sheet', $page($stop))
            ->withoutHorizon();
    }

    public function split(Request $request, Stop $stop, SplitStop $split): RedirectResponse
    {
        $given = $request->validate(
            [
                'split_at' => ['required', 'date_format:Y-m-d\TH:i'],
                'because' => ['required', 'string', 'max:250'],
                'version' => ['required', 'integer'],
            ],
            [],
            ['split_at' => 'time', 'because' => 'reason'],
        );
        $later = $split(
            $request->user()->actor(),
            $stop,
            $this->at($stop->asset, $given['split_at']),
            $given['because'],
            (int) $given['version'],
        );

        return redirect("/stops/{$later->id}")->with('said', 'It is split. This is the later part; say why it stood.');
    }

    public function merge(Request $request, Stop $stop, MergeStops $merge): RedirectResponse
    {
        $given = $request->validate(
            ['because' => ['required', 'string', 'max:250'], 'version' => ['required', 'integer']],
            [],
            ['because' => 'reason'],
        );
        $merge($request->user()->actor(), $stop, $given['because'], (int) $given['version']);

        return redirect("/stops/{$stop->id}")->with('said', 'The two are one stop.');
    }

    public function move(Request $request, Stop $stop, MoveStop $move, AssetOfTag $find): RedirectResponse
    {
        $given = $request->validate(
            [
                'to_tag' => ['required', 'string', 'max:40'],
                'because' => ['required', 'string', 'max:250'],
                'version' => ['required', 'integer'],
            ],
            [],
            ['to_tag' => 'tag', 'because' => 'reason'],
        );
        $asset = $find($stop->site_id, $given['to_tag']) ?? throw ValidationException::withMessages([
            'to_tag' => 'There is no asset of that tag at this site.',
        ]);
        $move($request->user()->actor(), $stop, $asset, $given['because'], (int) $given['version']);

        return redirect("/stops/{$stop->id}")->with('said', "It stands on {$asset->name} now.");
    }

    public function correct(CorrectStopRequest $request, Stop $stop, CorrectStop $correct): RedirectResponse
    {
        $asset = $stop->asset;
        $correct(
            $request->user()->actor(),
            $stop,
            $request->said($stop, $this->days->site($asset->site_id)),
            $request->version(),
        );

        return redirect("/assets/{$asset->id}#stops")->with('said', 'The stop is corrected.');
    }

    public function strike(Request $request, Stop $stop, StrikeStop $strike): RedirectResponse
    {
        $asset = $stop->asset;
        $given = $request->validate(
            ['strike_reason' => ['required', 'string', 'max:250'], 'version' => ['required', 'integer']],
            ['strike_reason.required' => 'Say why the stop is struck out.'],
            ['strike_reason' => 'reason'],
        );
        $strike($request->user()->actor(), $stop, $given['strike_reason'], (int) $given['version']);

        return redirect("/assets/{$asset->id}#stops")->with(
            'said',
            'The stop is struck out; it stays in the log with its reason.',
        );
    }

    /** What was typed at the site's time; now, to the second, when nothing or this very minute was. */
    private function at(Asset $asset, ?string $typed): DateTimeImmutable
    {
        $now = $this->clock->now();
        $zone = $this->days->site($asset->site_id)->zone();

        return $typed === null || $typed === $now->setTimezone($zone)->format('Y-m-d\TH:i')
            ? $now
            : (new DateTimeImmutable($typed, $zone))->setTimezone(new DateTimeZone('UTC'));
    }
}
