<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\People\Queries\PeopleOf;
use App\Platform\Audit\LogQuery;
use App\Platform\Extension\Extensions;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Actions\SaveLocation;
use App\Register\Http\Requests\LocationRequest;
use App\Register\Models\Location;
use App\Register\Queries\DirectContent;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\Tree;
use App\Register\Queries\Whereabouts;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class PlaceController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly RegisterLists $register,
        private readonly PeopleOf $peopleOf,
        private readonly Extensions $extensions,
    ) {
    }

    private function page(Request $request, string $title, ?string $current = null, string $path = '/'): Page
    {
        return Page::in('assets', $title)->index('register.places.index', function () use (
            $request,
            $current,
            $path,
        ): array {
            $tree = new Tree();
            $q = is_string($request->query('q')) ? trim($request->query('q')) : '';
            $found = $q === '' ? null : $tree->find($this->site->id(), $q);

            return [
                'nodes' => $found === null
                        ? $tree->opened($this->site->id(), $path === '/' ? [] : [$path])
                        : $tree->opened($this->site->id(), $found['paths'], true),
                'current' => $current,
                'q' => $q,
                'found' => $found,
                'site' => $this->site->get(),
            ];
        });
    }

    public function index(Request $request): Page
    {
        $open =
            preg_match('/^A(\d{1,18})$/D', Typed::word($request, 'open'), $part) === 1
                ? $this->register->pathOf($this->site->id(), (int) $part[1])
                : null;

        return $this->page($request, 'Places', $open === null ? null : "A{$part[1]}", $open ?? '/')->sheet(
            'register.places.overview',
        );
    }

    public function show(Request $request, Location $location, DirectContent $inside): Page
    {
        $site = $this->site->enter($location->site_id);
        $operators = $this->register->operatorsOf($location);

        return $this->page($request, $location->name, "L{$location->id}", $location->path)
            ->sheet(
                'register.places.sheet',
                [
                    'location' => $location,
                    'site' => $site,
                    'crumbs' => (new Whereabouts())->crumbs($location->path),
                    'locations' => $inside->locations($location),
                    'inside' => $inside->assets($location, $this->site->today()),
                    'sections' => $this->extensions->sections($location->subject()),
                    'offers' => $this->extensions->actions($location->subject()),
                    'log' => (new LogQuery())->of(Subject::of('location', $location->id), $site->zone()),
                    'stands' => $this->register->standsIn($location),
                    'operators' => $operators,
                ] + $this->choices(),
            )
            ->horizon(
                fn (): Horizon => Horizon::of(
                    $location->subject(),
                    $location->name,
                    $this->site->today(),
                ),
            );
    }

    public function create(Request $request): Page
    {
        return $this->page($request, 'New location')->sheet(
            'register.places.new',
            ['inside' => $request->query('inside')] + $this->choices(),
        );
    }

    /** @return array<string, mixed> */
    private function choices(): array
    {
        $operators = $this->peopleOf->operators($this->site->id());

        return [
            'people' => $operators,
            'standings' => $this->register->locations($this->site->id()),
        ];
    }

    public function store(LocationRequest $request, SaveLocation $save, FirstAnswer $once): RedirectResponse
    {
        $said = $request->said();

        return $once->redirect(fn (): array => [
            '/places/'.$save($request->user()->actor(), null, $this->site->id(), $said)->id,
            "{$said->name} is in the register.",
        ]);
    }

    public function update(LocationRequest $request, Location $location, SaveLocation $save): RedirectResponse
    {
        $said = $request->said();
        $save($request->user()->actor(), $location, $location->site_id, $said, $request->integer('version'));

        return redirect("/places/{$location->id}")->with('said', "{$said->name} is saved.");
    }
}
