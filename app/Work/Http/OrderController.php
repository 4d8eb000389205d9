<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Files\Table;
use App\Platform\Frame\AskedOnce;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Queries\SubtreePath;
use App\Work\Actions\Moves\AssignWorkOrder;
use App\Work\Actions\Moves\RedateWorkOrder;
use App\Work\Actions\Moves\SetUrgency;
use App\Work\Actions\Plan\TakeNewRevision;
use App\Work\Actions\Raising\MethodFromOrder;
use App\Work\Actions\Raising\RepeatOrder;
use App\Work\Http\Requests\AssignRequest;
use App\Work\Inputs\OrderSlice;
use App\Work\Models\WorkOrder;
use App\Work\Pages\OrderPage;
use App\Work\Pages\WorkStart;
use App\Work\Queries\OrderFilters;
use App\Work\Queries\OrderIndex;
use App\Work\Queries\PartsReadyOf;
use App\Work\Wording\OrderWording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Validation\Rule;
use Sundial\Calendar\LocalDate;
use Sundial\Work\Priority;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class OrderController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('work', $title)->index('work.index', function () use ($request, $current): array {
            $slice = OrderSlice::asked($request, $this->site->today());
            [$filter, $given] = [$slice->typed, $slice->filter];
            $page = max(1, (int) $request->query('page', '1'));

            $found = (new OrderIndex())($this->site->id(), $request->user(), $given, $page);

            return $found + [
                'short' => app(PartsReadyOf::class)->shortWords($found['orders']),
                'most' => OrderIndex::MOST,
                'filter' => $filter,
                'given' => $given,
                'page' => $page,
                'current' => $current,
                'today' => $this->site->today(),
                'orderWords' => app(OrderWording::class),
                'narrowed' => (new OrderFilters())->words($this->site->id(), $given['more']),
            ];
        });
    }

    public function index(Request $request, WorkStart $start): Page
    {
        $site = $this->site->get();
        $standing = new AskedOnce(static fn (): Collection => $start->standing($site));

        return $this->page($request, 'Work')
            ->sheet('work.overview', static fn (): array => $start($site, $standing()))
            ->rest('work.start.rest', null, static fn (): array => $start->rest($site, $standing()));
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        $slice = OrderSlice::asked($request, $this->site->today());
        $orders = (new OrderIndex())->all($this->site->id(), $request->user(), $slice->filter);
        $local = static fn (?string $at): ?string => $at === null
            ? null
            : app(Wording::class)->local($at)->format('Y-m-d H:i');

        return Table::stream(
            $format,
            'work-orders',
            [
                'number',
                'title',
                'type',
                'priority',
                'state',
                'asset',
                'asset name',
                'due',
                'planned for',
                'planned minutes',
                'team',
                'person',
                'started',
                'finished',
                'closed',
            ],
            $orders->map(
                static fn (WorkOrder $order): array => [
                    $order->label(),
                    $order->title,
                    $order->type->name,
                    is_string($order->priority->value)
                        ? $order->priority->value
                        : strtolower($order->priority->name),
                    $order->state->value,
                    $order->worksite()->tag,
                    $order->worksite()->name,
                    $order->due_on,
                    $order->planned_on,
                    $order->planned_minutes,
                    $order->team?->name,
                    $order->assignee?->name,
                    $local($order->started_at),
                    $local($order->finished_at),
                    $local($order->closed_at),
                ],
            ),
        );
    }

    public function show(Request $request, WorkOrder $order, OrderPage $shown): Page
    {
        $this->site->enter($order->site_id);
        $where = $order->loadMissing(['asset', 'location'])->worksite();
        app(SubtreePath::class)->know($order->about(), $where->path);

        return $this->page($request, "{$order->label()} {$order->title}", $order->id)
            ->sheet('work.sheet', static fn (): array => $shown($request->user(), $order))
            ->horizon(fn (): Horizon => Horizon::of($order->about(), $where->name, $this->site->today()));
    }

    public function assign(AssignRequest $request, WorkOrder $order, AssignWorkOrder $assign): RedirectResponse
    {
        $assign($request->user()->actor(), $order, $request->said(), $request->integer('version'));

        return redirect("/orders/{$order->id}")->with('said', "{$order->label()} is assigned.");
    }

    /** Moves it up to the revisions in force of its methods. */
    public function moveUp(
        Request $request,
        WorkOrder $order,
        TakeNewRevision $take,
        Wording $words,
    ): RedirectResponse {
        $kept = $take($request->user()->actor(), $order);

        return redirect("/orders/{$order->id}#steps")->with(
            'said',
            "{$order->label()} follows the revision in force now. {$words->count($kept, 'step')} stayed the same ".
            'and kept what was ticked.',
        );
    }

    public function makeMethod(
        Request $request,
        WorkOrder $order,
        MethodFromOrder $make,
        FirstAnswer $once,
    ): RedirectResponse {
        return $once->redirect(static function () use ($request, $order, $make): array {
            $method = $make($request->user()->actor(), $order);

            return [
                "/methods/{$method->id}/edit",
                "{$method->name} is a draft made of {$order->label()}. Go over it, then put it in force.",
            ];
        });
    }

    /** Leads to a new schedule of the same work on the same asset. */
    public function repeat(
        Request $request,
        WorkOrder $order,
        RepeatOrder $repeat,
        FirstAnswer $once,
    ): RedirectResponse {
        return $once->redirect(static function () use ($request, $order, $repeat): array {
            $method = $repeat($request->user()->actor(), $order);

            return [
                "/assets/{$order->asset_id}/schedules/new?method={$method->id}",
                "Say how often {$method->name} comes back. Nothing is scheduled until you save.",
            ];
        });
    }

    /** How urgent it is, and until when it is to be done. */
    public function urge(Request $request, WorkOrder $order, SetUrgency $set): RedirectResponse
    {
        $given = $request->validate([
            'priority' => ['required', Rule::enum(Priority::class)],
            'due_on' => ['nullable', 'date_format:Y-m-d'],
        ], [], ['due_on' => 'due day']);
        $set(
            $request->user()->actor(),
            $order,
            Priority::from($given['priority']),
            isset($given['due_on']) ? LocalDate::parse($given['due_on'], 'due_on') : null,
            Typed::id($request, 'version'),
        );

        return redirect("/orders/{$order->id}#moves")->with('said', 'Saved.');
    }

    public function redate(
        Request $request,
        WorkOrder $order,
        RedateWorkOrder $redate,
        Wording $words,
    ): RedirectResponse {
        $given = $request->validate(
            [
                'planned_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
                'version' => ['nullable', 'integer'],
            ],
            [],
            ['planned_on' => 'planned day'],
        );
        $old = $redate(
            $request->user()->actor(),
            $order,
            LocalDate::parse($given['planned_on'], 'planned_on'),
            isset($given['version']) ? (int) $given['version'] : null,
        );
        $undo =
            $old === null
                ? null
                : [
                    'href' => "/orders/{$order->id}/planned-day",
                    'method' => 'put',
                    'fields' => ['planned_on' => $old],
                ];

        return redirect()
            ->back(fallback: "/orders/{$order->id}")
            ->with(
                'said',
                "{$order->label()} is planned for {$words->weekday(LocalDate::parse($given['planned_on']))} now.",
            )
            ->with('undo', $undo);
    }
}
