<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Access\GoodPassword;
use App\People\Actions\ChangePassword;
use App\People\Actions\EndSessions;
use App\People\Actions\IssueToken;
use App\People\Actions\RevokeToken;
use App\People\Actions\SetScheme;
use App\People\Models\User;
use App\People\Queries\SignIns;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class MeController
{
    public function show(Request $request, SignIns $signIns): Page
    {
        return Page::in('me', 'My account')->sheet('people.me', [
            'me' => $request->user(),
            'tokens' => $request->user()->tokens()->orderByDesc('id')->get(),
            'sessions' => $signIns->open($request->user()),
            'thisSession' => $request->session()->getId(),
        ]);
    }

    public function makeToken(Request $request, IssueToken $issue): RedirectResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:80'], 'may' => ['required', 'in:read,write']],
            ['name.required' => 'Give the token a name: the machine or program that will use it.'],
        );
        /** @var User $person */
        $person = $request->user();

        return redirect('/me#tokens')->with('token', [
            $given['name'],
            $issue($person, $given['name'], $given['may'] === 'write'),
        ]);
    }

    public function revokeToken(Request $request, int $token, RevokeToken $revoke): RedirectResponse
    {
        /** @var User $person */
        $person = $request->user();
        $revoke($person, $token);

        return redirect('/me#tokens')->with('said', 'The token opens nothing any more.');
    }

    public function password(Request $request, ChangePassword $change, CurrentSite $site): RedirectResponse
    {
        $given = $request->validate(
            [
                'current_password' => ['required', 'current_password'],
                'password' => [
                    'required',
                    'confirmed',
                    new GoodPassword([
                        $request->user()->name,
                        $request->user()->login,
                        ...array_values($site->all()->pluck('name')->all()),
                    ]),
                ],
            ],
            ['current_password.current_password' => 'That is not your present password.'],
            ['current_password' => 'present password', 'password' => 'new password'],
        );
        /** @var User $person */
        $person = $request->user();
        $change($person, $given['password'], $request->session()->getId());
        Auth::login($person);
        $request->session()->regenerate();

        return redirect('/me')->with(
            'said',
            'Your password is changed. You are logged out everywhere else, and your tokens open nothing any more.',
        );
    }

    public function logOutEverywhere(Request $request, EndSessions $end): RedirectResponse
    {
        /** @var User $person */
        $person = $request->user();
        $end($person->actor(), $person, $request->session()->getId(), 'At their own wish.');

        return redirect('/me#sessions')->with(
            'said',
            'You are logged out everywhere but here, and your tokens open nothing any more.',
        );
    }

    public function scheme(Request $request, SetScheme $set): RedirectResponse
    {
        $given = $request->validate(['scheme' => ['required', 'in:auto,light,dark']]);
        /** @var User $person */
        $person = $request->user();
        $set($person, $given['scheme']);

        return redirect('/me')->with('said', 'The colours are chosen.');
    }

    public function site(Request $request, CurrentSite $site): RedirectResponse
    {
        $given = $request->validate(['site' => ['required', 'integer']]);
        abort_unless($site->holds((int) $given['site']), 403);
        $site->enter((int) $given['site']);

        return redirect('/');
    }
}
