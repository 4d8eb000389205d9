<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\Site;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Queries\AssetByLabel;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\Whereabouts;
use App\Work\Actions\Requests\ReportFault;
use App\Work\Actions\Requests\SayMeToo;
use App\Work\Http\Requests\ReportRequest;
use App\Work\Queries\FailureWordsOf;
use App\Work\Queries\RequestFacts;
use App\Work\Queries\SimilarRequests;
use App\Work\Requests\ReportDoor;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Register\ShortCode;
use Sundial\Support\InvalidInput;
use Sundial\Support\SundialException;

/** Reporting a fault: from a scanned label, with an account or without; from inside, also at a place. */
final class ReportController
{
    public function __construct(
        private readonly ReportDoor $door,
        private readonly RegisterLists $register,
        private readonly SiteDays $days,
        private readonly FailureWordsOf $words,
        private readonly SimilarRequests $similar,
        private readonly Clock $clock,
        private readonly CurrentSite $current,
    ) {
    }

    /** From inside: which asset is it? */
    public function choose(Request $request, AssetByLabel $find, CurrentSite $site): Page|RedirectResponse
    {
        $asked = trim(Typed::word($request, 'asset'));
        $asset = $asked === '' ? null : $find($site->id(), $asked);
        if ($asset !== null) {
            return redirect('/report/'.ShortCode::of($asset->id)->code);
        }

        return Page::in('today', 'Report a fault')
            ->sheet('work.requests.choose', ['asked' => $asked])
            ->withoutHorizon();
    }

    public function form(Request $request, string $code): View|RedirectResponse
    {
        $asset = $this->asset($code);

        return $asset->merged_into_id !== null
            ? redirect('/report/'.ShortCode::of($asset->merged_into_id)->code)
            : $this->page($request, $asset, "/report/{$code}");
    }

    public function formAtPlace(Request $request, Location $location): View
    {
        return $this->page($request, $location, "/places/{$location->id}/report");
    }

    private function page(Request $request, Asset|Location $where, string $to): View
    {
        $site = $this->days->site($where->site_id);
        $this->current->show($site);
        $person = $this->person($request);
        $isInside = $this->door->isOpenTo($person, $where);
        if (! $isInside && ! $this->door->knows($request, $site)) {
            abort_if($person !== null && $site->report_code === null, 403);

            return view('work.requests.door', [
                'to' => $to,
                'isOpen' => $site->report_code !== null,
                'title' => 'Report a fault',
            ]);
        }

        return view('work.requests.report', [
            'title' => "What is wrong with {$where->name}?",
            'site' => $site,
            'where' => $where,
            'place' => $this->place($where),
            'to' => $to,
            'person' => $isInside ? $person : null,
            'symptoms' => $this->words->symptoms($where instanceof Asset ? $where->class_id : null),
            'similar' => ($this->similar)($where),
            'now' => $this->clock->now()->setTimezone($site->zone())->format('Y-m-d\TH:i'),
        ]);
    }

    /** Lets a device in that was told the code of the site. */
    public function tell(Request $request, string $code): RedirectResponse
    {
        $asset = $this->asset($code);
        $this->door->tell($this->days->site($asset->site_id), Typed::word($request, 'site_code'));

        return redirect("/report/{$code}");
    }

    public function store(
        ReportRequest $request,
        string $code,
        ReportFault $report,
        FirstAnswer $once,
    ): RedirectResponse {
        return $this->take($request, $this->asset($code), $report, $once);
    }

    public function storeAtPlace(
        ReportRequest $request,
        Location $location,
        ReportFault $report,
        FirstAnswer $once,
    ): RedirectResponse {
        return $this->take($request, $location, $report, $once);
    }

    private function take(
        ReportRequest $request,
        Asset|Location $where,
        ReportFault $report,
        FirstAnswer $once,
    ): RedirectResponse {
        $site = $this->days->site($where->site_id);
        $person = $this->within($request, $where, $site);
        $said = $request->said($where, $site, $person?->name, $this->clock->now());
        $by = $person?->actor() ?? Actor::guest($said->reporter);
        $photo = $request->photo();

        return $once->redirect(static fn (): array => [
            "/follow/{$report($by, $said, $photo)[1]}",
            'Thank you. It is reported, and somebody will look at it.',
        ]);
    }

    /** One more who saw the same. */
    public function meToo(
        Request $request,
        string $code,
        int $id,
        SayMeToo $say,
        RequestFacts $facts,
    ): RedirectResponse {
        $asset = $this->asset($code);
        $person = $this->within($request, $asset, $this->days->site($asset->site_id));
        $one = $facts->ofSite($asset->site_id, $id);
        if ($one === null || $one->asset_id !== $asset->id) {
            abort(404);
        }
        $name = $person !== null ? $person->name : trim(Typed::word($request, 'reporter'));
        if ($name === '') {
            throw InvalidInput::because('no_name', 'reporter', 'Say who you are, so that somebody can ask you.');
        }
        $say($person?->actor() ?? Actor::guest($name), $one);

        return redirect("/report/{$code}")->with('said', 'Noted: you saw it too. There is nothing more to do.');
    }

    /** The person who reports, null without an account; nobody else comes this far. */
    private function within(Request $request, Asset|Location $where, Site $site): ?User
    {
        $person = $this->person($request);
        if ($this->door->isOpenTo($person, $where)) {
            return $person;
        }
        abort_unless($this->door->knows($request, $site), 403);

        return null;
    }

    private function person(Request $request): ?User
    {
        $person = $request->user();

        return $person instanceof User ? $person : null;
    }

    private function asset(string $code): Asset
    {
        try {
            $asset = $this->register->assetOfCode(ShortCode::parse($code)->number);
        } catch (SundialException $e) {
            abort(404, $e->getMessage());
        }

        return $asset ?? abort(404, 'No asset has this code. It may come from another plant’s label.');
    }

    private function place(Asset|Location $where): string
    {
        $crumbs = (new Whereabouts())->crumbs($where->path);

        return $crumbs === [] ? '' : (string) end($crumbs)['name'];
    }
}
