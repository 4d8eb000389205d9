<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Clock\Clock;
use App\Stops\Actions\RevokeTablet;
use App\Stops\Actions\SignTabletIn;
use App\Stops\Actions\TakeTabletAct;
use App\Stops\Http\Requests\TabletActsRequest;
use App\Stops\Models\Line;
use App\Stops\Models\LineTablet;
use App\Stops\Queries\TabletDoor;
use App\Stops\Queries\TabletState;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The tablet at a line: its sign-in, what it shows, and what is pressed there. */
final class TabletController
{
    public function __construct(private readonly TabletDoor $door, private readonly TabletState $state)
    {
    }

    public function make(Request $request, Line $plantLine, SignTabletIn $sign): RedirectResponse
    {
        $given = $request->validate(
            ['tablet' => ['required', 'string', 'max:60']],
            ['tablet.required' => 'Give the tablet a name, so that one knows which it is.'],
        );
        $secret = $sign($request->user()->actor(), $plantLine, $given['tablet']);

        return redirect("/lines/{$plantLine->id}/settings#tablets")->with('tablet', url("/tablet/{$secret}"));
    }

    public function revoke(Request $request, LineTablet $tablet, RevokeTablet $revoke): RedirectResponse
    {
        $revoke($request->user()->actor(), $tablet);

        return redirect("/lines/{$tablet->line_id}/settings#tablets")->with('said', "“{$tablet->name}” is revoked.");
    }

    /** The link that is opened on the tablet once. */
    public function enter(string $secret): RedirectResponse|Response
    {
        return $this->door->of($secret) === null
            ? response()->view('stops.tablet.closed', [], 403)
            : redirect('/tablet')->withCookie($this->door->cookie($secret));
    }

    public function show(Request $request): View|Response
    {
        $tablet = $this->door->asking($request);

        return $tablet === null
            ? response()->view('stops.tablet.closed', [], 403)
            : view('stops.tablet.wall', ['tablet' => $tablet, 'state' => $this->state->of($tablet)]);
    }

    public function state(Request $request): JsonResponse
    {
        $tablet = $this->door->asking($request);

        return $tablet === null
            ? response()->json(['closed' => true], 403)
            : response()->json($this->state->of($tablet));
    }

    /** What was pressed, in order; each is taken once. */
    public function acts(TabletActsRequest $request, TakeTabletAct $take, Clock $clock): JsonResponse
    {
        $tablet = $this->door->asking($request);
        if ($tablet === null) {
            return response()->json(['closed' => true], 403);
        }
        $answers = [];
        foreach ($request->acts($clock->now()) as $act) {
            $answers[] = ['id' => $act->id, 'refused' => $take($tablet, $act)];
        }

        return response()->json(['answers' => $answers, 'state' => $this->state->of($tablet)]);
    }
}
