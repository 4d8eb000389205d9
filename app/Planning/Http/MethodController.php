<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\People\Queries\PeopleLists;
use App\Planning\Actions\SaveMethod;
use App\Planning\Actions\SetHands;
use App\Planning\Http\Requests\MethodRequest;
use App\Planning\Methods\Hands;
use App\Planning\Methods\MethodFile;
use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Planning\Pages\MethodPage;
use App\Planning\Queries\MethodIndex;
use App\Planning\Queries\OrderTypes;
use App\Planning\Queries\PlanningLists;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Subject;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Queries\RegisterLists;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Method\RevisionState;
use Sundial\Support\InvalidInput;

final class MethodController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly RegisterLists $register,
        private readonly PeopleLists $people,
        private readonly PlanningLists $planning,
        private readonly OrderTypes $types,
    ) {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('plan', $title)->index(
            'planning.methods.index',
            fn (): array => (new MethodIndex())(
                $this->site->id(),
                Typed::words($request, 'q', 'class', 'asset', 'usage'),
            ) + [
                'current' => $current,
                'classes' => $this->register->classes(),
            ],
        );
    }

    /** Who does its work at this site. */
    public function hands(Request $request, Method $method, SetHands $set): RedirectResponse
    {
        $given = $request->validate([
            'hands_team' => ['nullable', OnSite::record('teams', $this->site->id(), 'team')],
            'hands_person' => ['nullable', OnSite::person($this->site->id())],
        ], [], ['hands_team' => 'team', 'hands_person' => 'person']);
        $id = static fn (string $field): ?int => isset($given[$field]) ? (int) $given[$field] : null;
        $set($request->user()->actor(), $method, $this->site->id(), new Hands($id('hands_team'), $id('hands_person')));

        return redirect("/methods/{$method->id}#hands")->with('said', 'Its orders begin in those hands from now on.');
    }

    public function index(Request $request): Page
    {
        return $this->page($request, 'Methods')->sheet('planning.methods.overview');
    }

    public function show(Request $request, Method $method, MethodPage $page): Page
    {
        $method->load(['class', 'inForce', 'draft']);

        return $this->page($request, $method->name, $method->id)
            ->sheet('planning.methods.sheet', static fn (): array => $page($method))
            ->rest('planning.methods.rest', null, static fn (): array => $page->rest($method))
            ->horizon(
                fn (): Horizon => Horizon::of(
                    Subject::of('method', $method->id, $this->site->id()),
                    $method->name,
                    $this->site->today(),
                ),
            );
    }

    /** An empty form, or a copy of another method. */
    public function create(Request $request): Page
    {
        $from =
            $request->integer('from') > 0
                ? $this->planning->method(
                    $request->integer('from'),
                    ['inForce', 'draft'],
                )
                : null;

        return $this->form($request, null, $from);
    }

    public function edit(Request $request, Method $method): Page
    {
        return $this->form(
            $request,
            $method->load(['inForce', 'draft']),
            $method,
        );
    }

    private function form(Request $request, ?Method $method, ?Method $from): Page
    {
        $revision = ($from->draft ?? $from?->inForce)?->load(MethodRevision::WHOLE);
        $content = $revision === null ? null : RevisionContent::of($revision);

        return $this->page($request, $method->name ?? 'New method', $method?->id)->sheet('planning.methods.form', [
            'method' => $method,
            'from' => $from,
            'revision' => $revision,
            'steps' => $revision === null ? [] : array_values($revision->steps->map(MethodFile::step(...))->all()),
            'partLines' => $content?->partsText(),
            'serviceLines' => $content?->servicesText(),
            'types' => $this->types->offered($revision?->order_type),
            'levels' => $this->levels($revision?->ladder),
            'trades' => $this->people->trades(),
            'classes' => $this->register->classes(),
            'nextCode' => Method::nextCode(),
        ]);
    }

    /**
     * @return array<int, string> names by multiple, of what was typed or stands; every visit's own where there is
     *     no ladder yet
     */
    private function levels(?string $standing): array
    {
        try {
            return Ladder::parse(is_string($typed = old('ladder', $standing)) ? $typed : '')->names ?? [];
        } catch (InvalidInput) {
            return Ladder::parse((string) $standing)->names ?? [];
        }
    }

    public function save(
        MethodRequest $request,
        SaveMethod $save,
        FirstAnswer $once,
        ?Method $method = null,
    ): RedirectResponse {
        $said = $request->said();
        $by = $request->user()->actor();
        $version = $method === null ? null : $request->integer('version');

        return $once->redirect(function () use ($save, $by, $method, $said, $version, $request): array {
            $id = $save($by, $method, $said, $version, $request->staysDraft())->id;

            return ["/methods/{$id}", $this->saved($id, $said->name)];
        });
    }

    private function saved(int $id, string $name): string
    {
        $states = $this->planning->revisions($id);
        if ($states->has(RevisionState::Draft->value)) {
            return "{$name} is kept as a draft: revision {$states[RevisionState::Draft->value]}. ".
                'Orders follow it once it is put in force.';
        }

        return "{$name} is saved: revision {$states[RevisionState::InForce->value]} is in force. ".
            'Orders made before keep the revision they were made from.';
    }
}
