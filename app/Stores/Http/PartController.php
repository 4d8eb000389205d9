<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\People\Queries\PeopleLists;
use App\Platform\Access\Rights;
use App\Platform\Files\Table;
use App\Platform\Frame\AskedOnce;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Stores\Actions\MergeParts;
use App\Stores\Actions\SavePart;
use App\Stores\Actions\SetFit;
use App\Stores\Demand\DayDemand;
use App\Stores\Http\Requests\FitRequest;
use App\Stores\Http\Requests\PartRequest;
use App\Stores\Models\Part;
use App\Stores\Pages\PartKnown;
use App\Stores\Pages\PartLines;
use App\Stores\Pages\PartPage;
use App\Stores\Pages\PartRest;
use App\Stores\Pages\StoresStart;
use App\Stores\Queries\PartAsTyped;
use App\Stores\Queries\PartIndex;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;
use Sundial\Costing\UnitPrice;
use Sundial\Register\Criticality;
use Sundial\Support\InvalidInput;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The catalogue of parts, and the spare-parts lists of assets. */
final class PartController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly PartIndex $index,
        private readonly PeopleLists $people,
        private readonly PartLines $lines,
    ) {
    }

    /**
     * @param  (Closure(list<int>): list<DayDemand>)|null  $demand  what will be taken of the parts of the list, where
     *     the sheet beside it asks that too
     */
    private function page(Request $request, string $title, ?int $current = null, ?Closure $demand = null): Page
    {
        $index = function (bool $hasSheet) use ($request, $current, $demand): array {
            $q = trim(Typed::word($request, 'q'));
            $retired = $request->boolean('retired');
            $page = max(1, $request->integer('page', 1));
            $parts = ($this->index)($q, $retired, $page);
            $shown = $parts->take(PartIndex::PAGE);
            $asked = $hasSheet && $demand !== null ? $demand(array_values($shown->pluck('id')->all())) : null;

            return [
                'parts' => $shown,
                'lines' => $this->lines->of($shown, $this->site->id(), $this->site->today(), $asked),
                'more' => $parts->count() > PartIndex::PAGE,
                'found' => $this->index->count($q, $retired),
                'most' => PartIndex::MOST,
                'retired' => $this->index->retired(),
                'filter' => array_filter(['q' => $q, 'retired' => $retired ? '1' : '']),
                'page' => $page,
                'current' => $current,
            ];
        };

        return Page::in('stores', $title)->index('stores.index', $index)->withoutHorizon();
    }

    public function index(Request $request, StoresStart $start): Page
    {
        $demand = new AskedOnce(static fn (): array => $start->demand());

        return $this->page($request, 'Stores', null, static fn (): array => $demand())
            ->sheet('stores.overview', static fn (): array => ['kept' => $start->isKept()])
            ->rest('stores.start.all', null, static fn (): array => $start($demand()));
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        $prices = Rights::has(Right::SeePrices);
        $parts = $this->index->all(trim(Typed::word($request, 'q')), $request->boolean('retired'));

        return Table::stream(
            $format,
            'parts',
            ['number', 'name', 'unit', 'price', 'currency', 'supplier', 'lead days', 'class', 'criticality', 'note',
                'bought by', 'handed over by', 'followed by', 'in use'],
            $parts->map(static fn (Part $part): array => [
                $part->number,
                $part->name,
                $part->unit,
                $prices ? $part->price : null,
                $prices ? $part->currency : null,
                $part->supplier?->name,
                $part->lead_days,
                $part->class,
                $part->criticality,
                $part->note,
                $part->bought()?->says(),
                $part->handedOver()?->says(),
                $part->tracked,
                $part->retired ? 'no' : 'yes',
            ]),
        );
    }

    public function show(Request $request, Part $part, PartPage $page, PartRest $rest): Page
    {
        $on = Typed::day($request, 'on', $this->site->today());
        $known = new AskedOnce(static fn (): PartKnown => $page->known($part));
        // The list, where it is shown, asks first, and with its own parts.
        $asked = null;
        $demand = static function (array $others) use (&$asked, $page, $part): array {
            return $asked ??= $page->demand(array_values(array_unique([$part->id, ...$others])));
        };

        return $this->page($request, $part->name, $part->id, $demand)
            ->sheet('stores.part.sheet', static fn (): array => $page($known(), $demand([])))
            ->rest('stores.part.rest', 'stores.part.toc', static fn (): array => $rest($known(), $on, $demand([])))
            ->horizon(fn (): Horizon => Horizon::of($part->subject(), $part->name, $this->site->today()));
    }

    public function create(Request $request): Page
    {
        return $this->form($request, new Part());
    }

    public function edit(Request $request, Part $part): Page
    {
        return $this->form($request, $part);
    }

    private function form(Request $request, Part $part): Page
    {
        return $this->page($request, $part->exists ? $part->name : 'New part', $part->id)->sheet('stores.form', [
            'part' => $part,
            'price' => $part->price === null ? null : UnitPrice::parse($part->price)->plain(),
            'currency' => $part->currency ?? $this->site->get()->currency,
            'suppliers' => $this->people->suppliers($part->supplier_id),
            'criticalities' => Criticality::letters(),
        ]);
    }

    public function store(PartRequest $request, SavePart $save, FirstAnswer $once): RedirectResponse
    {
        $said = $request->said($this->site);

        return $once->redirect(static fn (): array => [
            "/parts/{$save($request->user()->actor(), null, $said)->id}",
            "{$said->facts['name']} is in the catalogue.",
        ]);
    }

    public function update(PartRequest $request, Part $part, SavePart $save): RedirectResponse
    {
        $said = $request->said($this->site);
        $save($request->user()->actor(), $part, $said, $request->integer('version'));

        return redirect("/parts/{$part->id}")->with('said', "{$said->facts['name']} is saved.");
    }

    /** Another record of the same part goes into this one. */
    public function merge(Request $request, Part $part, PartAsTyped $find, MergeParts $merge): RedirectResponse
    {
        $given = $request->validate(['merged' => ['required', 'string', 'max:180']], [], ['merged' => 'part number']);
        $gone = $find($given['merged']) ?? throw InvalidInput::because(
            'no_part',
            'merged',
            "The catalogue has no part “{$given['merged']}”. Write its number.",
        );
        $merge($request->user()->actor(), $part, $gone);

        return redirect("/parts/{$part->id}")->with('said', "{$gone->number} is part of {$part->number} now.");
    }

    /** A line on the spare-parts list of an asset. */
    public function fit(FitRequest $request, Asset $asset, SetFit $set): RedirectResponse
    {
        $given = $request->validated();
        $set(
            $request->user()->actor(),
            $asset,
            trim($given['part_number']),
            $given['part_name'] ?? null,
            $given['quantity'],
            $given['part_note'] ?? null,
        );

        return redirect("/assets/{$asset->id}#parts")->with(
            'said',
            "The spare-parts list of {$asset->tag} is saved.",
        );
    }
}
