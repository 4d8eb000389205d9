<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Access\Rights;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Lists\KeepColumns;
use App\Platform\Lists\KeepFilter;
use App\Platform\Lists\KeptOfTable;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Register\Actions\BulkEditAssets;
use App\Register\Queries\RegisterLists;
use App\Register\Table\AssetFilter;
use App\Register\Table\AssetTable;
use App\Register\Table\BulkFields;
use App\Register\Table\Column;
use App\Register\Table\Held;
use App\Register\Table\TableChoices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;
use Sundial\Support\InvalidInput;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The register as a table: columns chosen and kept, filters saved and shared, many assets changed at once. */
final class AssetTableController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly AssetTable $table,
        private readonly RegisterLists $register,
        private readonly TableChoices $choices,
        private readonly BulkFields $fields,
    ) {
    }

    public function show(Request $request, KeptOfTable $keeps): Page
    {
        $filter = $this->filter($request);
        $all = $this->table->columns();
        $shown = $this->shown($request, $all);
        $sort = is_string($request->query('sort')) ? $request->query('sort') : 'tag';
        $page = max(1, $request->integer('page', 1));
        $siteId = $this->site->id();

        return Page::in('assets', 'Assets as a table')->sheet(
            'register.table.sheet',
            fn (): array => $this->table->page($siteId, $filter, $shown, $sort, $page) + [
                'total' => $this->table->count($siteId),
                'filter' => $filter,
                'all' => $all,
                'shown' => $shown,
                'sort' => $sort,
                'page' => $page,
                'saved' => $keeps->filters($siteId, $request->user()->id, 'assets'),
                'me' => $request->user()->id,
                'query' => array_filter(
                    ['sort' => $sort === 'tag' ? null : $sort, 'columns' => $request->query('columns')] + $filter,
                ),
                'filters' => $this->choices->filters($siteId),
                'settable' => $this->choices->settable($siteId),
                'mayEdit' => Rights::has(Right::WriteRegister),
                'perPage' => AssetTable::PER_PAGE,
                'fields' => array_filter($all, static fn (Column $column): bool => $column->field !== null),
            ],
        );
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        $columns = $this->shown($request, $this->table->columns());
        $rows = (function () use ($request, $columns) {
            foreach (
                $this->table->all(
                    $this->site->id(),
                    $this->filter($request),
                    $columns,
                    is_string($request->query('sort')) ? $request->query('sort') : 'tag',
                ) as $row
            ) {
                yield array_values(
                    array_map(
                        static fn (Column $column): string => $column->text($row->{$column->key}),
                        $columns,
                    ),
                );
            }
        })();

        return Table::stream(
            $format,
            'assets',
            array_values(array_map(static fn (Column $column): string => $column->label, $columns)),
            $rows,
        );
    }

    /** The columns, in their order, kept for this person. */
    public function choose(Request $request, KeepColumns $keep): RedirectResponse
    {
        $columns = array_values(
            array_intersect((array) $request->input('columns', []), array_keys($this->table->columns())),
        );
        $order = (array) $request->input('order', []);
        usort(
            $columns,
            static fn (string $a, string $b): int => (int) ($order[$a] ?? 99) <=> (int) ($order[$b] ?? 99),
        );
        $keep($request->user()->id, 'assets', $columns === [] ? AssetTable::FIRST : $columns);

        return redirect('/assets/table'.$this->back($request))->with('said', 'The columns are kept for you.');
    }

    public function keepFilter(Request $request, KeepFilter $keep): RedirectResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:60'], 'back' => ['nullable', 'string', 'max:4000']],
            ['name.required' => 'Give the filter a name.'],
        );
        parse_str(ltrim((string) ($given['back'] ?? ''), '?'), $query);
        $keep(
            $request->user()->id,
            $this->site->id(),
            'assets',
            $given['name'],
            array_intersect_key($query, array_flip([...AssetFilter::KEYS, 'sort'])),
            $request->boolean('shared'),
        );

        return redirect('/assets/table'.$this->back($request))->with(
            'said',
            "The filter “{$given['name']}” is saved".
                ($request->boolean('shared') ? ' for everybody at this site.' : '.'),
        );
    }

    public function forgetFilter(Request $request, int $filter, KeepFilter $keep): RedirectResponse
    {
        $keep($request->user()->id, $this->site->id(), 'assets', null, [], false, $filter);

        return redirect('/assets/table'.$this->back($request))->with('said', 'The filter is forgotten.');
    }

    /** What a change of many would do, before it is done. */
    public function preview(Request $request): Page
    {
        [$ids, $field, $value] = $this->asked($request);
        $label = $this->fields->label($field);
        $lines = [];
        $assets = $this->register->assets($this->site->id(), $ids);
        foreach ($assets->take(200) as $asset) {
            $lines[] = [$asset, $this->fields->word($field, Held::by($asset, $field))];
        }

        return Page::in('assets', 'Change many')->sheet('register.table.preview', [
            'lines' => $lines,
            'count' => $assets->count(),
            'label' => $label,
            'field' => $field,
            'value' => $value,
            'new' => $this->fields->word($field, $value),
            'ids' => $ids,
            'back' => $this->back($request),
        ]);
    }

    public function change(Request $request, BulkEditAssets $edit): RedirectResponse
    {
        [$ids, $field, $value] = $this->asked($request);
        [$count, $id] = $edit($request->user()->actor(), $this->site->id(), $ids, $field, $value);

        return redirect('/assets/table'.$this->back($request))
            ->with(
                'said',
                $count === 0
                    ? 'They held that already.'
                    : ($count === 1
                        ? '1 asset is changed.'
                        : "{$count} assets are changed."),
            )
            ->with('undo', [
                'href' => '/assets/table/undo',
                'method' => 'post',
                'fields' => ['edit' => (string) $id, 'back' => $this->back($request)],
            ]);
    }

    public function undo(Request $request, BulkEditAssets $edit): RedirectResponse
    {
        [$count] = $edit($request->user()->actor(), $this->site->id(), null, '', null, $request->integer('edit'));

        return redirect('/assets/table'.$this->back($request))->with(
            'said',
            "{$count} ".
                ($count === 1 ? 'asset holds' : 'assets hold').
                ' what '.
                ($count === 1 ? 'it' : 'they').
                ' held before. What was changed since then stays.',
        );
    }

    /** @return array{list<int>, string, string|null} */
    private function asked(Request $request): array
    {
        $set = is_string($request->input('set')) ? explode('=', $request->input('set'), 2) : [];
        $field = $set[0] ?? (is_string($request->input('field')) ? $request->input('field') : '');
        $field = $this->fields->known($field);
        $typed = $set[1] ?? $request->input('value');
        $value = $this->fields->read($this->site->id(), $field, is_string($typed) ? trim($typed) : '');
        $ids = $request->boolean('everything')
            ? $this->table->ids($this->site->id(), $this->filterOf($this->back($request)), BulkEditAssets::MOST + 1)
            : array_map(intval(...), (array) $request->input('assets', []));
        if ($ids === [] || count($ids) > BulkEditAssets::MOST) {
            throw InvalidInput::because(
                'count',
                'form',
                $ids === []
                    ? 'Choose at least one asset first.'
                    : 'At most '.
                        BulkEditAssets::MOST.
                        ' assets are changed at once. Filter further, and do it in parts.',
            );
        }

        if (! OnSite::record('assets', $this->site->id(), 'asset')->holds(...$ids)) {
            throw InvalidInput::because('other_site', 'form', 'Some of these assets are not of this site.');
        }

        return [array_values($ids), $field, $value];
    }

    /** @return array<string, mixed> */
    private function filter(Request $request): array
    {
        return AssetFilter::from((array) $request->query());
    }

    /** @return array<string, mixed> */
    private function filterOf(string $back): array
    {
        parse_str(ltrim($back, '?'), $query);

        return AssetFilter::from($query);
    }

    /** The filters to go back to, as the form carried them; nothing else of it is believed. */
    private function back(Request $request): string
    {
        parse_str(ltrim(is_string($request->input('back')) ? $request->input('back') : '', '?'), $query);
        $query = http_build_query(array_intersect_key($query, array_flip([...AssetFilter::KEYS, 'sort', 'page'])));

        return $query === '' ? '' : "?{$query}";
    }

    /** @param  array<string, Column>  $all
     * @return array<string, Column> */
    private function shown(Request $request, array $all): array
    {
        $kept = app(KeptOfTable::class)->columns($request->user()->id, 'assets');
        $shown = [];
        foreach ($kept ?? AssetTable::FIRST as $key) {
            if (isset($all[$key])) {
                $shown[$key] = $all[$key];
            }
        }

        return $shown === [] ? array_intersect_key($all, array_flip(AssetTable::FIRST)) : $shown;
    }
}
