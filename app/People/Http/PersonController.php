<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\EndSessions;
use App\People\Actions\SavePerson;
use App\People\Http\Requests\PersonRequest;
use App\People\Models\User;
use App\People\Pages\PersonPage;
use App\People\Queries\Administering;
use App\People\Queries\SignIns;
use App\Platform\Frame\Page;
use App\Platform\Writing\FirstAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

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

    public function save(
        PersonRequest $request,
        SavePerson $save,
        FirstAnswer $once,
        ?User $person = null,
    ): RedirectResponse {
        $said = $request->said();
        $by = $request->user()->actor();
        $version = $person === null ? null : $request->integer('version');

        return $once->redirect(static fn (): array => [
            '/setup/people/'.$save($by, $person, $said, $version)->id,
            "{$said->name} is saved.",
        ]);
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

    /** @param  array<string, mixed>  $data */
    private function page(string $title, string $view, array $data): Page
    {
        return Page::in('setup', $title)->index('frame.setup-index', static fn (): array => [])->sheet(
            "people.{$view}",
            $data,
        );
    }
}
