<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\MakeFirstAdministrator;
use App\People\Actions\SignIn;
use App\People\Http\Requests\FirstAdministratorRequest;
use App\People\Models\User;
use App\People\Queries\Home;
use App\People\Queries\PeopleLists;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Session;

final class LoginController
{
    public function __construct(private readonly PeopleLists $people)
    {
    }

    public function show(): View
    {
        return view('people.login', ['demo' => config('sundial.demo')]);
    }

    public function login(Request $request, SignIn $signIn): RedirectResponse
    {
        $given = $request->validate(
            ['login' => ['required', 'string', 'max:60'], 'password' => ['required', 'string', 'max:1000']],
            [],
            ['login' => 'account name'],
        );
        $person = $signIn(
            $given['login'],
            $given['password'],
            (string) $request->ip(),
            (string) $request->userAgent(),
        );
        Auth::login($person, $request->boolean('remember'));
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function logout(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login')->with('said', 'You are logged out.');
    }

    public function home(Request $request, Home $home): RedirectResponse
    {
        /** @var User $person */
        $person = $request->user();
        Session::reflash();

        return redirect($home($person));
    }

    public function first(): View|RedirectResponse
    {
        return $this->people->anybody()
            ? redirect('/login')
            : view('people.first', ['zones' => timezone_identifiers_list()]);
    }

    public function makeFirst(FirstAdministratorRequest $request, MakeFirstAdministrator $make): RedirectResponse
    {
        abort_if($this->people->anybody(), 404);
        Auth::login($make($request->said()));
        $request->session()->regenerate();

        return redirect('/')->with(
            'said',
            'Welcome. Next: load your register, or add the first location and asset by hand.',
        );
    }
}
