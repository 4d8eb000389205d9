<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Actions\SaveRound;
use App\Planning\Actions\SetStations;
use App\Planning\Models\Round;
use App\Planning\Queries\PlanningLists;
use App\Planning\Wording\ScheduleWording;
use App\Platform\Audit\LogQuery;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Register\Queries\AssetByLabel;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Support\InvalidInput;

/** Rounds: the assets that one person walks, in order. */
final class RoundController
{
    public function __construct(private readonly CurrentSite $site, private readonly PlanningLists $planning)
    {
    }

    private function page(string $title, ?int $current = null): Page
    {
        return Page::in('plan', $title)->index(
            'planning.rounds.index',
            fn (): array => [
                'rounds' => $this->planning->rounds($this->site->id()),
                'current' => $current,
            ],
        );
    }

    public function index(): Page
    {
        return $this->page('Rounds')->sheet('planning.rounds.overview');
    }

    public function show(Round $round, ScheduleWording $words): Page
    {
        $site = $this->site->enter($round->site_id);
        $round->load(['stations.asset.class', 'schedules.method', 'schedules.meter', 'schedules.gauge']);
        $today = $this->site->today();
        $first = $round->schedules->firstWhere('ended', false);

        return $this->page($round->name, $round->id)
            ->sheet('planning.rounds.sheet', [
                'round' => $round,
                'words' => $words,
                'site' => $site,
                'log' => (new LogQuery())->of($round->subject(), $site->zone()),
            ])
            ->horizon(
                static fn (): Horizon => $first === null
                    ? Horizon::of(Subject::of('site', $site->id, $site->id), $site->name, $today)
                    : Horizon::of($first->subject(), $round->name, $today),
            );
    }

    public function store(Request $request, SaveRound $save): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:120']]);
        $round = $save($request->user()->actor(), null, $this->site->id(), $given['name']);

        return redirect("/rounds/{$round->id}")->with(
            'said',
            "{$round->name} is a round. Put its assets on it, in the order in which they are walked.",
        );
    }

    public function update(Request $request, Round $round, SaveRound $save): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:120']]);
        $save($request->user()->actor(), $round, $round->site_id, $given['name'], $request->integer('version'));

        return redirect("/rounds/{$round->id}")->with('said', "The round is named {$given['name']}.");
    }

    /** One more asset at the end, typed or scanned while walking. */
    public function add(Request $request, Round $round, SetStations $set, AssetByLabel $find): RedirectResponse
    {
        $given = $request->validate(
            ['tag' => ['required', 'string', 'max:200']],
            ['tag.required' => 'Type a tag, or scan a label.'],
        );
        $asset =
            $find($round->site_id, $given['tag']) ??
            throw InvalidInput::because(
                'no_asset',
                'tag',
                "No asset of this site has the tag or code “{$given['tag']}”.",
                $given['tag'],
            );
        $set(
            $request->user()->actor(),
            $round,
            static fn (array $stations): array => [...$stations, ['asset_id' => $asset->id, 'every' => 1]],
        );

        return redirect("/rounds/{$round->id}#add")->with('said', "{$asset->tag} {$asset->name} is walked last.");
    }

    /** Their order, as the ids of the assets, or how often one is walked. */
    public function change(Request $request, Round $round, SetStations $set): RedirectResponse
    {
        $given = $request->validate([
            'stations' => ['nullable', 'string', 'max:5000'],
            'asset_id' => ['nullable', 'integer', Rule::in($round->stations()->pluck('asset_id'))],
            'every' => ['nullable', 'integer', 'between:1,99'],
        ], ['asset_id.in' => 'The round does not walk this asset (any more).']);
        $order = array_flip(array_map(intval(...), explode(',', (string) ($given['stations'] ?? ''))));
        $set($request->user()->actor(), $round, static function (array $stations) use ($given, $order): array {
            if (isset($given['every'])) {
                return array_map(
                    static fn (array $station): array => $station['asset_id'] === (int) ($given['asset_id'] ?? 0)
                        ? ['every' => (int) $given['every']] + $station
                        : $station,
                    $stations,
                );
            }
            usort(
                $stations,
                static fn (array $a, array $b): int => ($order[$a['asset_id']] ?? 9999) <=>
                    ($order[$b['asset_id']] ?? 9999),
            );

            return array_map(
                static fn (array $station): array => ['asset_id' => $station['asset_id'], 'every' => $station['every']],
                $stations,
            );
        });

        return redirect("/rounds/{$round->id}")->with(
            'said',
            isset($given['every']) ? 'How often it is walked is changed.' : 'The order of the round is changed.',
        );
    }

    public function remove(Request $request, Round $round, Asset $asset, SetStations $set): RedirectResponse
    {
        $set(
            $request->user()->actor(),
            $round,
            static fn (array $stations): array => array_values(
                array_filter($stations, static fn (array $station): bool => $station['asset_id'] !== $asset->id),
            ),
        );

        return redirect("/rounds/{$round->id}")
            ->with('said', "{$asset->tag} is no longer walked.")
            ->with('undo', [
                'href' => "/rounds/{$round->id}/stations",
                'method' => 'post',
                'fields' => ['tag' => $asset->tag],
            ]);
    }
}
