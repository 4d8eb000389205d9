<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\People\Queries\PeopleLists;
use App\Platform\Access\Rights;
use App\Platform\Audit\LogQuery;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Extension\Extensions;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Actions\SaveAsset;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use App\Register\Pages\SkyPage;
use App\Register\Queries\AssetIndex;
use App\Register\Queries\AssetLine;
use App\Register\Queries\AssetNames;
use App\Register\Queries\DirectContent;
use App\Register\Queries\FactSheet;
use App\Register\Queries\IsRetired;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\SubtreePath;
use App\Register\Queries\VisibleLines;
use App\Register\Queries\Whereabouts;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Access\Right;
use Sundial\Register\FieldType;
use Sundial\Register\LifeState;
use Sundial\Support\Money;

final class AssetController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly AssetIndex $index,
        private readonly VisibleLines $reach,
        private readonly RegisterLists $register,
        private readonly PeopleLists $people,
    ) {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('assets', $title)->index(
            'register.assets.index',
            fn (): array => $this->indexData($request, $current),
        );
    }

    /** @return array<string, mixed> */
    private function indexData(Request $request, ?int $current): array
    {
        $typed = Typed::words($request, 'q', 'place', 'near', 'life', 'sort');
        /** @var array{place: int|null, q: string|null, near: string|null, life: string|null, sort: string} $filter */
        $filter = ['place' => Typed::id($request, 'place')] +
            $typed +
            ['q' => null, 'near' => null, 'life' => null, 'sort' => 'near'];
        $page = max(1, (int) $request->query('page', '1'));
        $places = $this->register->locations($this->site->id());

        return ($this->index)(
            $this->site->id(),
            $this->site->today(),
            [
                'q' => $filter['q'],
                'place' => $filter['place'],
                'near' => $filter['near'],
                'life' => $filter['life'],
                'sort' => $filter['sort'],
            ],
            $this->reach->lines($request->user()),
            $page,
        ) + [
            'filter' => $filter,
            'places' => $places,
            'current' => $current,
            'page' => $page,
            'query' => $typed,
        ];
    }

    public function index(Request $request, SkyPage $sky): Page
    {
        return $this->page($request, 'Assets')->sheet('register.assets.overview', function () use (
            $request,
            $sky,
        ): array {
            $area = ctype_digit(Typed::word($request, 'area'))
                ? $this->register->location($this->site->id(), (int) $request->query('area'))
                : null;

            return $sky(
                $this->site->id(),
                $this->site->get()->name,
                $this->reach->lines($request->user()),
                $area,
                $request->query('by') === 'class' ? 'class' : 'area',
                $request->query('as') === 'table',
                $this->site->today(),
            );
        });
    }

    public function show(Request $request, Asset $asset): Page
    {
        return $this->sheet($request, $asset, false);
    }

    public function edit(Request $request, Asset $asset): Page
    {
        return $this->sheet($request, $asset, true);
    }

    private function sheet(Request $request, Asset $asset, bool $editing): Page
    {
        app(IsRetired::class)->know($asset);
        $site = $this->site->enter($asset->site_id);
        $today = $this->site->today();
        $extensions = app(Extensions::class);
        app(SubtreePath::class)->know($asset->subject(), $asset->path);
        $line = app(AssetNames::class)->of($asset);

        return $this->page($request, "{$asset->name} {$asset->tag}", $asset->id)
            ->sheet(
                'register.assets.sheet',
                [
                    'asset' => $asset,
                    'names' => $line,
                    'site' => $site,
                    'line' => AssetLine::of($line, $today),
                    'crumbs' => (new Whereabouts())->crumbs($asset->path),
                    'inside' => (new DirectContent())->assets($asset, $today),
                    'sections' => $extensions->sections($asset->subject()),
                    'offers' => $extensions->actions($asset->subject()),
                    'log' => (new LogQuery())->of(
                        $asset->subject(),
                        $site->zone(),
                        12,
                        $request->integer('before') ?: null,
                    ),
                    'editing' => $editing,
                    'facts' => (new FactSheet())->of($asset),
                    'documents' => app(DocumentsOf::class)->subject($asset->subject()),
                    'seesCosts' => Rights::has(Right::SeeCosts),
                ] + ($editing ? $this->choices($asset->site_id, $asset) : []),
            )
            ->horizon(static fn (): Horizon => Horizon::of($asset->subject(), $asset->name, $today));
    }

    /** @return array<string, mixed> */
    private function choices(int $siteId, ?Asset $asset = null): array
    {
        return [
            'classes' => $this->register->classes(),
            'teams' => $this->people->teams($siteId),
            'standings' => (new Whereabouts())->choices($siteId),
            'stands' => $asset === null ? null : $this->register->standsIn($asset),
            'suppliers' => $this->people->suppliers($asset?->supplier_id),
            'centres' => $this->people->costCentres(),
            'meanings' => $this->register->meanings(),
        ];
    }

    public function create(Request $request): Page
    {
        return $this->page($request, 'New asset')->sheet(
            'register.assets.new',
            $this->choices($this->site->id()) + [
                'inside' => $request->query('inside'),
                'needed' => $this->neededOf((int) $request->old('class_id') ?: null),
                'site' => $this->site->get(),
            ],
        );
    }

    /** What must be known of a new asset of a class. */
    public function needed(Request $request): View
    {
        return view('register.assets.needed', [
            'needed' => $this->neededOf($request->integer('class_id') ?: null),
            'site' => $this->site->get(),
        ]);
    }

    /** @return Collection<int, Field> */
    private function neededOf(?int $classId): Collection
    {
        return Field::of($classId)->where('required', true)->where('type', '<>', FieldType::Document->value)->get();
    }

    /** @return array<string> what was typed into extra fields, by field */
    private function extra(Request $request): array
    {
        $extra = $request->input('extra');

        return array_map(
            static fn (mixed $typed): string => is_scalar($typed) ? (string) $typed : '',
            is_array($extra) ? $extra : [],
        );
    }

    public function store(Request $request, SaveAsset $save, FirstAnswer $once): RedirectResponse
    {
        $given = $this->validated($request, ['tag', 'name', 'class_id', 'stands']) + [
            'extra' => $this->extra($request),
        ];
        $location = $once->run(
            $request->input('once'),
            fn (): string => '/assets/'.$save($request->user()->actor(), null, $this->site->id(), $given)->id,
        );

        return redirect($location)->with(
            'said',
            "{$given['name']} is in the register. Fill in what you know of it below, or put a schedule on it.",
        );
    }

    public function update(Request $request, Asset $asset, SaveAsset $save): RedirectResponse
    {
        $given = $this->validated($request, [
            'tag',
            'name',
            'class_id',
            'stands',
            'team_id',
            'make',
            'model',
            'serial',
            'criticality',
            'life_state',
            'in_service_on',
            'notes',
            'supplier_id',
            'purchased_on',
            'warranty_until',
            'cost_centre_id',
        ]);
        foreach (Rights::has(Right::SeeCosts) ? ['purchase', 'replacement'] : [] as $price) {
            $typed = trim(Typed::word($request, $price));
            $given["{$price}_cents"] = $typed === '' ? null : Money::parse($typed, $price);
        }
        $given['extra'] = $this->extra($request);
        $save($request->user()->actor(), $asset, $asset->site_id, $given, $request->integer('version'));

        return redirect("/assets/{$asset->id}")->with('said', "{$given['name']} is saved.");
    }

    /** @param  list<string>  $fields
     * @return array<string, mixed> */
    private function validated(Request $request, array $fields): array
    {
        $rules = [
            'tag' => ['required', 'string', 'max:40', 'regex:/^\S+$/'],
            'name' => ['required', 'string', 'max:100'],
            'class_id' => ['required', 'integer', 'exists:equipment_classes,id'],
            'stands' => ['required', 'string', 'max:40'],
            'team_id' => ['nullable', OnSite::record('teams', $this->site->id(), 'team')],
            'make' => ['nullable', 'string', 'max:80'],
            'model' => ['nullable', 'string', 'max:80'],
            'serial' => ['nullable', 'string', 'max:80'],
            'criticality' => ['required', 'in:A,B,C'],
            'life_state' => ['required', Rule::enum(LifeState::class)],
            'in_service_on' => ['nullable', 'date_format:Y-m-d'],
            'notes' => ['nullable', 'string', 'max:5000'],
            'supplier_id' => ['nullable', 'integer', 'exists:suppliers,id'],
            'purchased_on' => ['nullable', 'date_format:Y-m-d'],
            'warranty_until' => ['nullable', 'date_format:Y-m-d'],
            'cost_centre_id' => ['nullable', 'integer', 'exists:cost_centres,id'],
        ];

        return $request->validate(
            array_intersect_key($rules, array_flip($fields)),
            [
                'tag.regex' => 'A tag is written without spaces, such as LM-14.',
                'stands.required' => 'Say where it stands: the tag of a location or of another asset.',
            ],
            [
                'class_id' => 'class',
                'stands' => 'place',
                'team_id' => 'team',
                'supplier_id' => 'supplier',
                'cost_centre_id' => 'cost centre',
                'purchased_on' => 'date',
                'warranty_until' => 'date',
            ],
        );
    }
}
