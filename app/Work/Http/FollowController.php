<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Audit\Actor;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Typed;
use App\Work\Actions\Requests\EndRequest;
use App\Work\Actions\Requests\SayMended;
use App\Work\Actions\Requests\TalkAboutRequest;
use App\Work\Models\WorkRequest;
use App\Work\Queries\RequestFacts;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Work\Request\RequestMove;

/** By a secret address a reporter follows what became of a report, answers what is asked, and says if it is mended. */
final class FollowController
{
    public function __construct(
        private readonly RequestFacts $facts,
        private readonly SiteDays $days,
        private readonly CurrentSite $current,
    ) {
    }

    public function show(string $secret): View
    {
        $request = $this->find($secret);
        $this->current->show($this->days->site($request->site_id));
        $request->load(['asset', 'location', 'order', 'words', 'into']);

        return view('work.requests.follow', [
            'title' => $request->label(),
            'request' => $request,
            'site' => $this->days->site($request->site_id),
            'secret' => $secret,
            'isDone' => $request->order?->finished_at !== null,
        ]);
    }

    public function answer(Request $request, string $secret, TalkAboutRequest $talk): RedirectResponse
    {
        $one = $this->find($secret);
        $talk(Actor::guest($one->reporter), $one, RequestMove::Answer, Typed::word($request, 'words'));

        return redirect("/follow/{$secret}")->with('said', 'Your answer is sent.');
    }

    public function withdraw(string $secret, EndRequest $end): RedirectResponse
    {
        $one = $this->find($secret);
        $end(Actor::guest($one->reporter), $one, RequestMove::Withdraw, '');

        return redirect("/follow/{$secret}")->with('said', 'It is taken back.');
    }

    public function mended(Request $request, string $secret, SayMended $say): RedirectResponse
    {
        $one = $this->find($secret);
        $isMended = Typed::word($request, 'mended') === 'yes';
        $say(Actor::guest($one->reporter), $one, $isMended);

        return redirect("/follow/{$secret}")->with(
            'said',
            $isMended ? 'Good. Thank you for saying so.' : 'Thank you. It stands on the order, and somebody will ask.',
        );
    }

    private function find(string $secret): WorkRequest
    {
        return $this->facts->bySecret($secret) ?? abort(404, 'This address follows no report.');
    }
}
