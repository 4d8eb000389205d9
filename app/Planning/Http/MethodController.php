<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\People\Queries\PeopleLists;
use App\People\Queries\PeopleOf;
use App\Planning\Actions\SaveMethod;
use App\Planning\Actions\SetHands;
use App\Planning\Http\Requests\MethodRequest;
use App\Planning\Methods\Hands;
use App\Planning\Methods\MethodFile;
use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use App\Planning\Models\MethodLabour;
use App\Planning\Models\MethodRevision;
use App\Planning\Queries\HandsOf;
use App\Planning\Queries\MethodIndex;
use App\Planning\Queries\OrderTypes;
use App\Planning\Queries\PlanningLists;
use App\Planning\Queries\VisitCosts;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Extension\Extensions;
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
use Sundial\Access\Right;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Method\MethodTime;
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

    public function show(Request $request, Method $method, VisitCosts $costs): Page
    {
        $method->load(['class', 'inForce', 'draft']);
        $revision = $method->inForce ?? $method->draft;
        $revision?->load([...MethodRevision::WHOLE, 'labour.trade']);
        $schedules = $this->planning->schedulesOf($method, $this->site->id());

        return $this->page($request, $method->name, $method->id)
            ->sheet('planning.methods.sheet', [
                'method' => $method,
                'revision' => $revision,
                'draft' => $method->draft,
                'revisions' => $method->revisions()->get(),
                'schedules' => $schedules,
                'time' => self::time($revision),
                'visitCosts' => $revision !== null && Rights::has(Right::SeeCosts)
                    ? $costs($revision, $this->site->get()->currency, $this->site->today())
                    : [],
                'ladder' => Ladder::parse((string) $revision?->ladder),
                'hands' => app(HandsOf::class)->methods($this->site->id(), $method->id)[$method->id] ?? null,
                'teams' => $this->people->teams($this->site->id()),
                'people' => app(PeopleOf::class)->names($this->site->id()),
                'site' => $this->site->get(),
                'sections' => app(Extensions::class)->sections(
                    Subject::of('method', $method->id, $this->site->id()),
                ),
                'log' => (new LogQuery())->of(Subject::of('method', $method->id), $this->site->get()->zone()),
            ])
            ->horizon(
                fn (): Horizon => Horizon::of(
                    Subject::of('method', $method->id, $this->site->id()),
                    $method->name,
                    $this->site->today(),
                ),
            );
    }

    private static function time(?MethodRevision $revision): MethodTime
    {
        return MethodTime::of(
            array_values($revision?->steps->pluck('minutes')->all() ?? []),
            array_values(
                $revision?->labour
                    ->map(static fn (MethodLabour $line): array => [$line->trade_id, $line->people, $line->minutes])
                    ->all() ?? [],
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
        $location = $once->run(
            $method === null ? $request->input('once') : null,
            fn (): string => '/methods/'.
                $save(
                    $request->user()->actor(),
                    $method,
                    $said,
                    $method === null ? null : $request->integer('version'),
                    $request->staysDraft(),
                )->id,
        );
        $states = $this->planning->revisions((int) basename($location));
        $kept = 'Orders made before keep the revision they were made from.';

        return redirect($location)->with(
            'said',
            $states->has(RevisionState::Draft->value)
                ? "{$said->name} is kept as a draft: revision {$states[RevisionState::Draft->value]}. Orders ".
                    'follow it once it is put in force.'
                : "{$said->name} is saved: revision {$states[RevisionState::InForce->value]} is in force. {$kept}",
        );
    }
}
