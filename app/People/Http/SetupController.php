<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\SaveSite;
use App\People\Actions\SaveTeam;
use App\People\Actions\SaveTrade;
use App\People\Actions\SetRate;
use App\People\Actions\SetRestDay;
use App\People\Http\Requests\SiteRequest;
use App\People\Models\Team;
use App\People\Models\Trade;
use App\People\Models\User;
use App\People\Queries\Administering;
use App\People\Queries\PeopleLists;
use App\Platform\Frame\Page;
use App\Platform\Sites\Site;
use App\Platform\Writing\FirstAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\HourlyRate;

final class SetupController
{
    public function __construct(
        private readonly Administering $administering,
        private readonly PeopleLists $people,
    ) {
    }

    /** @param  array<string, mixed>  $data */
    private function page(string $title, string $view, array $data = []): Page
    {
        return Page::in('setup', $title)
            ->index('frame.setup-index', ['current' => $view])
            ->sheet("people.{$view}", $data);
    }

    public function index(): RedirectResponse
    {
        return redirect('/setup/people');
    }

    public function personRate(Request $request, User $person, SetRate $set): RedirectResponse
    {
        [$from, $hourly] = $this->rate($request);
        $set($request->user()->actor(), $person, $from, $hourly);

        return redirect("/setup/people/{$person->id}")->with(
            'said',
            "The rate counts from {$from->inWords()}. Hours booked before keep theirs.",
        );
    }

    public function sites(Request $request): Page
    {
        return $this->page('Sites', 'sites', ['sites' => $this->administering->sites($request->user()->actor())]);
    }

    public function site(?Site $site = null): Page
    {
        return $this->page($site->name ?? 'New site', 'site', [
            'site' => $site?->load('restDays'),
            'zones' => timezone_identifiers_list(),
        ]);
    }

    public function saveSite(
        SiteRequest $request,
        SaveSite $save,
        FirstAnswer $once,
        ?Site $site = null,
    ): RedirectResponse {
        $said = $request->said();
        $by = $request->user()->actor();
        $version = $site === null ? null : $request->integer('version');

        return $once->redirect(static function () use ($save, $by, $site, $said, $version): array {
            $saved = $save($by, $site, $said, $version);
            $follows = $saved->wasChanged('rest_weekdays')
                ? ' Visits without an order move to the new working week; the log tells how many.'
                : '';

            return ["/setup/sites/{$saved->id}", "{$saved->name} is saved.{$follows}"];
        });
    }

    public function restDay(Request $request, Site $site, SetRestDay $set): RedirectResponse
    {
        $given = $request->validate([
            'day' => ['required', 'date_format:Y-m-d'],
            'day_name' => ['nullable', 'string', 'max:80'],
            'remove' => ['nullable'],
        ]);
        $followed = $set(
            $request->user()->actor(),
            $site,
            LocalDate::parse($given['day'], 'day'),
            $request->has('remove') ? null : (string) ($given['day_name'] ?? ''),
        );
        $said = $request->has('remove')
            ? "{$given['day']} is a working day again."
            : "{$given['day']} is a day of rest. Orders that are made already keep their day.";

        return redirect("/setup/sites/{$site->id}#rest")->with('said', implode(' ', [$said, ...$followed]));
    }

    public function teams(Request $request): Page
    {
        $sites = $this->administering->sites($request->user()->actor());

        return $this->page('Teams', 'teams', [
            'teams' => $this->people->teamsWithPeople(array_values($sites->pluck('id')->all())),
            'sites' => $sites,
        ]);
    }

    public function saveTeam(Request $request, SaveTeam $save, FirstAnswer $once, ?Team $team = null): RedirectResponse
    {
        $siteId = $team->site_id ?? $request->integer('site_id');
        $given = $request->validate(
            [
                'name' => [
                    'required',
                    'string',
                    'max:60',
                    Rule::unique('teams')->where('site_id', $siteId)->ignore($team?->id),
                ],
                'site_id' => [
                    $team === null ? 'required' : 'nullable',
                    'integer',
                    Rule::in($this->administering->sites($request->user()->actor())->pluck('id')),
                ],
            ],
            ['name.unique' => 'This site has a team of that name already.'],
        );
        $by = $request->user()->actor();
        $version = $team === null ? null : $request->integer('version');

        return $once->redirect(static function () use ($save, $by, $team, $siteId, $given, $version): array {
            $save($by, $team, $siteId, $given['name'], $version);

            return ['/setup/teams', "Team {$given['name']} is saved."];
        });
    }

    public function trades(): Page
    {
        return $this->page('Trades and rates', 'trades', [
            'trades' => $this->people->tradesWithRates(),
        ]);
    }

    public function saveTrade(
        Request $request,
        SaveTrade $save,
        FirstAnswer $once,
        ?Trade $trade = null,
    ): RedirectResponse {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:60', Rule::unique('trades')->ignore($trade?->id)]],
            ['name.unique' => 'There is a trade of that name already.'],
        );
        $by = $request->user()->actor();
        $version = $trade === null ? null : $request->integer('version');

        return $once->redirect(static function () use ($save, $by, $trade, $given, $version): array {
            $save($by, $trade, $given['name'], $version);

            return ['/setup/trades', "Trade {$given['name']} is saved."];
        });
    }

    public function tradeRate(Request $request, Trade $trade, SetRate $set): RedirectResponse
    {
        [$from, $hourly] = $this->rate($request);
        $set($request->user()->actor(), $trade, $from, $hourly);

        return redirect('/setup/trades')->with(
            'said',
            "The rate of {$trade->name} counts from {$from->inWords()}. Hours booked before keep theirs.",
        );
    }

    /** @return array{LocalDate, HourlyRate} */
    private function rate(Request $request): array
    {
        $given = $request->validate(
            [
                'from_day' => ['required', 'date_format:Y-m-d'],
                'rate' => ['required', 'regex:/^\d{1,5}([.,]\d{1,4})?$/'],
            ],
            ['rate.regex' => 'Write the rate per hour with at most four decimals, such as 31.50.'],
        );

        return [
            LocalDate::parse($given['from_day'], 'from_day'),
            HourlyRate::parse(str_replace(',', '.', $given['rate'])),
        ];
    }
}
