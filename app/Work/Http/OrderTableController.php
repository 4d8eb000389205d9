<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Queries\PeopleOf;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Lists\KeepColumns;
use App\Platform\Lists\ListColumn;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Typed;
use App\Work\Actions\Many\ChangeOrders;
use App\Work\Actions\Many\UndoChange;
use App\Work\Http\Requests\ManyOrdersRequest;
use App\Work\Inputs\OrderSlice;
use App\Work\Pages\BoardPage;
use App\Work\Pages\ManyOrdersPage;
use App\Work\Pages\OrderTablePage;
use App\Work\Table\OrderTable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Orders as a table, with changes of many at once. */
final class OrderTableController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly OrderTable $table,
        private readonly PeopleOf $people,
    ) {
    }

    public function show(Request $request, OrderTablePage $page): Page
    {
        return Page::in('work', 'Orders as a table')->sheet('work.table.sheet', $page(
            $this->site->id(),
            $request->user(),
            OrderSlice::asked($request, $this->site->today()),
            Typed::word($request, 'sort', 'due'),
            max(1, (int) Typed::word($request, 'page', '1')),
        ))->withoutHorizon();
    }

    public function export(Request $request, string $format, OrderTablePage $page): StreamedResponse
    {
        $shown = $page->shown($request->user()->id);
        $rows = (function () use ($request, $shown): iterable {
            $slice = OrderSlice::asked($request, $this->site->today());
            $sort = Typed::word($request, 'sort', 'due');
            foreach ($this->table->all($this->site->id(), $request->user(), $slice, $shown, $sort) as $row) {
                yield array_values(array_map(
                    static fn (ListColumn $one): string => OrderTablePage::plain($one, $row->{$one->key}),
                    $shown,
                ));
            }
        })();

        return Table::stream(
            $format,
            'orders',
            array_values(array_map(static fn (ListColumn $one): string => $one->label, $shown)),
            $rows,
        );
    }

    /** The columns, in their order, kept for this person. */
    public function choose(Request $request, KeepColumns $keep): RedirectResponse
    {
        $given = $request->validate([
            'columns' => ['nullable', 'array', 'max:60'],
            'columns.*' => ['string', 'max:20'],
            'order' => ['nullable', 'array', 'max:60'],
            'order.*' => ['nullable', 'integer', 'between:1,99'],
        ]);
        $columns = array_values(array_intersect($given['columns'] ?? [], array_keys($this->table->columns())));
        $order = $given['order'] ?? [];
        usort(
            $columns,
            static fn (string $a, string $b): int => (int) ($order[$a] ?? 99) <=> (int) ($order[$b] ?? 99),
        );
        $keep($request->user()->id, 'orders', $columns === [] ? OrderTable::FIRST : $columns);

        return redirect($this->back($request))->with('said', 'The columns are kept for you.');
    }

    /** What a change of many would do, before it is done. */
    public function preview(ManyOrdersRequest $request, ManyOrdersPage $page): Page
    {
        return Page::in('work', 'Change many orders')->sheet('work.table.preview', $page(
            $request->ids($this->table, $this->site),
            $request->what(),
            $request->value($this->people, $this->site),
            $this->back($request),
        ))->withoutHorizon();
    }

    public function change(ManyOrdersRequest $request, ChangeOrders $change): RedirectResponse
    {
        $what = $request->what();
        [$edit, $count, $refused] = $change(
            $request->user()->actor(),
            $this->site->id(),
            $request->ids($this->table, $this->site),
            $what,
            $request->value($this->people, $this->site),
        );
        $said = match (true) {
            $count === 0 && $refused === [] => 'They held that already.',
            $count === 1 => '1 order is changed.',
            default => "{$count} orders are changed.",
        };
        foreach (array_slice($refused, 0, 10) as $label => $why) {
            $said .= " {$label} is not: {$why}";
        }
        $board = Typed::word($request, 'board');
        $to = redirect(match (true) {
            $board !== '' => '/orders/board?by='.($board === 'person' ? 'person' : 'state'),
            $count === 0 => $this->back($request),
            default => "/orders/table?edit={$edit}",
        })->with('said', $said);

        return $count === 0 || ! $what->canBeUndone() ? $to : $to->with('undo', [
            'href' => '/orders/table/undo',
            'method' => 'post',
            'fields' => ['edit' => (string) $edit, 'back' => Typed::word($request, 'back')],
        ]);
    }

    public function undo(Request $request, UndoChange $undo): RedirectResponse
    {
        $count = $undo($request->user()->actor(), $this->site->id(), (int) Typed::id($request, 'edit'));
        $words = $count === 1 ? '1 order holds what it held' : "{$count} orders hold what they held";

        return redirect($this->back($request))->with(
            'said',
            "{$words} before. What was changed since then stays.",
        );
    }

    public function board(Request $request, BoardPage $page): Page
    {
        return Page::in('work', 'Orders on a board')->sheet('work.board.sheet', $page(
            $this->site->id(),
            $request->user(),
            OrderSlice::asked($request, $this->site->today()),
            Typed::word($request, 'by') === 'person' ? 'person' : 'state',
        ))->withoutHorizon();
    }

    /** The table as the form carried it; nothing else of it is believed. */
    private function back(Request $request): string
    {
        $typed = Typed::word($request, 'back');
        parse_str(ltrim($typed, '?'), $all);
        $query = http_build_query(
            OrderSlice::carried($typed, $this->site->today())->typed +
                array_filter(array_intersect_key($all, ['sort' => 1, 'page' => 1]), is_string(...)),
        );

        return '/orders/table'.($query === '' ? '' : "?{$query}");
    }
}
