<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Frame\AskedOnce;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Actions\SaveAsset;
use App\Register\Http\Requests\AssetRequest;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use App\Register\Pages\AssetPage;
use App\Register\Pages\AssetRest;
use App\Register\Pages\SkyPage;
use App\Register\Queries\AssetIndex;
use App\Register\Queries\AssetNames;
use App\Register\Queries\IsRetired;
use App\Register\Queries\RegisterLists;
use App\Register\Queries\SubtreePath;
use App\Register\Queries\VisibleLines;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use stdClass;
use Sundial\Register\FieldType;

final class AssetController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly AssetIndex $index,
        private readonly VisibleLines $reach,
        private readonly RegisterLists $register,
        private readonly AssetNames $names,
        private readonly AssetPage $asset,
        private readonly AssetRest $rest,
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
        return $this->page($request, 'Assets')
            ->sheet('register.assets.overview')
            ->rest('register.assets.skies', null, fn (): array => $this->sky($request, $sky));
    }

    /** @return array<string, mixed> */
    private function sky(Request $request, SkyPage $sky): array
    {
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
    }

    public function show(Request $request, Asset $asset): Page
    {
        return $this->sheet($request, $asset, false);
    }

    public function edit(Request $request, Asset $asset): Page
    {
        return $this->sheet($request, $asset, true);
    }

    private function sheet(Request $request, Asset $asset, bool $isEdited): Page
    {
        app(IsRetired::class)->know($asset);
        $this->site->enter($asset->site_id);
        app(SubtreePath::class)->know($asset->subject(), $asset->path);
        $before = $request->integer('before') ?: null;
        $names = new AskedOnce(fn (): stdClass => $this->names->of($asset));

        return $this->page($request, "{$asset->name} {$asset->tag}", $asset->id)
            ->sheet('register.assets.sheet', fn (): array => ($this->asset)($asset, $names(), $isEdited))
            ->rest(
                'register.assets.rest',
                'register.assets.toc',
                fn (): array => ($this->rest)($asset, $names(), $isEdited, $before),
            )
            ->horizon(fn (): Horizon => Horizon::of($asset->subject(), $asset->name, $this->site->today()));
    }

    public function create(Request $request): Page
    {
        return $this->page($request, 'New asset')->sheet(
            'register.assets.new',
            $this->asset->choices($this->site->id()) + [
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

    public function store(AssetRequest $request, SaveAsset $save, FirstAnswer $once): RedirectResponse
    {
        $said = $request->said();

        return $once->redirect(fn (): array => [
            '/assets/'.$save($request->user()->actor(), null, $this->site->id(), $said)->id,
            "{$said->own['name']} is in the register. Fill in what you know of it below, or put a schedule on it.",
        ]);
    }

    public function update(AssetRequest $request, Asset $asset, SaveAsset $save): RedirectResponse
    {
        $said = $request->said();
        $save($request->user()->actor(), $asset, $asset->site_id, $said, $request->integer('version'));

        return redirect("/assets/{$asset->id}")->with('said', "{$said->own['name']} is saved.");
    }
}
