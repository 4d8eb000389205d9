<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Access\GoodPassword;
use App\People\Actions\EndSessions;
use App\People\Actions\SavePerson;
use App\People\Models\User;
use App\People\Pages\PersonPage;
use App\People\Queries\Administering;
use App\People\Queries\SignIns;
use App\Platform\Frame\Page;
use App\Platform\Writing\FirstAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Sundial\Access\AccountName;
use Sundial\Access\Role;

/** People: who they are, and what they may do at which site. */
final class PersonController
{
    public function __construct(private readonly Administering $administering)
    {
    }

    public function index(Request $request): Page
    {
        return $this->page('People', 'people', [
            'people' => $this->administering->people($request->user()->actor()),
            'sites' => $this->administering->names(),
        ]);
    }

    public function show(Request $request, PersonPage $page, ?User $person = null): Page
    {
        return $this->page($person->name ?? 'New person', 'person', $page($request->user()->actor(), $person));
    }

    public function save(Request $request, SavePerson $save, FirstAnswer $once, ?User $person = null): RedirectResponse
    {
        $given = $this->given($request, $person);
        $by = $request->user()->actor();
        $version = $person === null ? null : $request->integer('version');
        /** @var array{login: string, name: string, email?: string|null, trade_id?: int|null,
         *     week_minutes?: int, active?: bool, plant_admin?: bool, password?: string|null, roles: array<int,
         *     list<string>>, teams?: list<int>} $given */
        $location = $once->run(
            $person === null ? $request->input('once') : null,
            static fn (): string => '/setup/people/'.$save($by, $person, $given, $version)->id,
        );

        return redirect($location)->with('said', "{$given['name']} is saved.");
    }

    public function logOut(Request $request, User $person, EndSessions $end): RedirectResponse
    {
        $end($request->user()->actor(), $person, null, 'An administrator did so.');

        return redirect("/setup/people/{$person->id}")->with('said', "{$person->name} is logged out everywhere.");
    }

    public function signIns(Request $request, SignIns $signIns): Page
    {
        return $this->page('Sign-ins', 'sign-ins', [
            'entries' => $signIns->log($this->administering->sitesOf($request->user()->actor())),
            'most' => SignIns::MOST,
        ]);
    }

    /** @return array<string, mixed> */
    private function given(Request $request, ?User $person): array
    {
        $by = $request->user()->actor();
        $sites = $this->administering->sites($by);
        $request->merge(['login' => AccountName::of($request->string('login')->toString())->name]);
        $names = [$request->string('name')->toString(), $request->string('login')->toString()];
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:80'],
                'login' => [
                    'required',
                    'string',
                    'alpha_dash:ascii',
                    'max:60',
                    Rule::unique('users', 'login')->ignore($person?->id),
                ],
                'email' => ['nullable', 'email', 'max:120'],
                'trade_id' => ['nullable', 'integer', 'exists:trades,id'],
                'week_hours' => ['nullable', 'numeric', 'between:0,100'],
                'roles' => ['array', 'max:500'],
                'roles.*' => ['array', 'max:20'],
                'roles.*.*' => ['string', Rule::enum(Role::class)],
                'teams' => ['array', 'max:500'],
                'teams.*' => ['integer', 'exists:teams,id'],
                'plant_admin' => ['nullable', 'boolean'],
                'password' => [
                    $person === null ? 'required' : 'nullable',
                    new GoodPassword([...$names, ...array_values($sites->pluck('name')->all())]),
                ],
            ],
            ['login.unique' => 'Somebody else has this account name. Choose another.'],
            ['login' => 'account name', 'plant_admin' => 'plant administrator'],
        );
        $held = array_filter($given['roles'] ?? []);
        if ($held === [] && ($person === null || ! $this->administering->isElsewhere($by, $person))) {
            $request->validate(['roles' => ['required']], ['roles.required' => 'Choose at least one role at a site.']);
        }
        $given['roles'] = array_map(array_values(...), $held);
        $given['teams'] = array_map(intval(...), $given['teams'] ?? []);
        $given['active'] = $person === null || $request->boolean('active');
        if (isset($given['week_hours'])) {
            $given['week_minutes'] = (int) round(60 * (float) $given['week_hours']);
        }
        // Only who holds the flag can give or take it; else it stays as it is.
        $given['plant_admin'] = Gate::allows('administer-plant')
            ? $request->boolean('plant_admin')
            : (bool) $person?->plant_admin;

        return $given;
    }

    /** @param  array<string, mixed>  $data */
    private function page(string $title, string $view, array $data): Page
    {
        return Page::in('setup', $title)->index('frame.setup-index', static fn (): array => [])->sheet(
            "people.{$view}",
            $data,
        );
    }
}
