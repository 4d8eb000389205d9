<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\MakeFirstAdministrator;
use App\People\Models\User;
use App\People\Queries\Home;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;

final class LoginController
{
    /** Wrong passwords within a minute before an account waits; right ones never count. */
    private const TRIES = 6;

    public function show(): View
    {
        return view('people.login', ['demo' => config('sundial.demo')]);
    }

    public function login(Request $request): RedirectResponse
    {
        $given = $request->validate(['login' => ['required', 'string', 'max:60'], 'password' => ['required', 'string', 'max:200']], [], ['login' => 'account name']);
        $tries = 'login '.mb_strtolower($given['login']).' '.$request->ip();
        if (RateLimiter::tooManyAttempts($tries, self::TRIES)) {
            throw ValidationException::withMessages(['login' => 'Too many wrong tries for this account. Wait '.RateLimiter::availableIn($tries).' seconds, then try again.']);
        }
        if (! Auth::attempt([...$given, 'active' => true], $request->boolean('remember'))) {
            RateLimiter::hit($tries, 60);
            throw ValidationException::withMessages(['login' => 'No active account has this name and password. Check both; an administrator can set a new password.']);
        }
        RateLimiter::clear($tries);
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
        return User::query()->exists() ? redirect('/login') : view('people.first', ['zones' => timezone_identifiers_list()]);
    }

    public function makeFirst(Request $request, MakeFirstAdministrator $make): RedirectResponse
    {
        abort_if(User::query()->exists(), 404);
        $given = $request->validate([
            'site' => ['required', 'string', 'max:80'], 'code' => ['required', 'alpha_dash:ascii', 'max:12'], 'timezone' => ['required', 'timezone'], 'currency' => ['required', 'regex:/^[A-Z]{3}$/'],
            'name' => ['required', 'string', 'max:80'], 'login' => ['required', 'alpha_dash:ascii', 'max:60'], 'password' => ['required', 'confirmed', Password::min(8)],
        ], ['currency.regex' => 'The currency is written as three capital letters, such as EUR.'], ['site' => 'site name', 'login' => 'account name']);
        Auth::login($make($given));
        $request->session()->regenerate();

        return redirect('/')->with('said', 'Welcome. Next: load your register, or add the first location and asset by hand.');
    }
}
