<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\Moves\CloseClean;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Moves\ReopenWorkOrder;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Pages\ReviewLine;
use App\Work\Queries\ReviewQueue;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The queue of finished work that waits for its review. */
final class ReviewController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly Wording $words,
        private readonly OrderMoves $moves,
        private readonly FirstAnswer $once,
    ) {
    }

    public function index(ReviewQueue $queue): Page
    {
        $lines = $queue($this->site->id());

        return Page::in('work', 'Review')
            ->sheet('work.review-queue', [
                'lines' => $lines,
                'clean' => array_values(
                    array_filter($lines, static fn (ReviewLine $line): bool => $line->review->isClean()),
                ),
                'today' => $this->site->today(),
            ])
            ->withoutHorizon();
    }

    public function close(Request $request, WorkOrder $order, CloseWorkOrder $close): RedirectResponse
    {
        return $this->decide($request, $order, static function () use ($request, $order, $close): string {
            $close($request->user()->actor(), $order);

            return "{$order->label()} is closed.";
        });
    }

    public function sendBack(Request $request, WorkOrder $order, ReopenWorkOrder $reopen): RedirectResponse
    {
        $given = $request->validate(['note' => ['required', 'string', 'max:500']], [
            'note.required' => 'Say what is missing, so that whoever gets it back knows.',
        ]);

        return $this->decide($request, $order, static function () use ($request, $order, $reopen, $given): string {
            $reopen($request->user()->actor(), $order, $given['note']);

            return "{$order->label()} is sent back.";
        });
    }

    public function closeClean(Request $request, CloseClean $close): RedirectResponse
    {
        $given = $request->validate(['orders' => ['required', 'array', 'max:200'], 'orders.*' => ['integer']]);

        return $this->once->redirect(function () use ($request, $close, $given): array {
            $closed = $close(
                $request->user()->actor(),
                $this->site->id(),
                array_values(array_map(intval(...), $given['orders'])),
            );

            return [
                '/orders/review',
                "{$this->words->count(count($closed), 'order')} closed: ".implode(', ', $closed).'.',
            ];
        });
    }

    /** @param  Closure(): string  $do */
    private function decide(Request $request, WorkOrder $order, Closure $do): RedirectResponse
    {
        $version = Typed::id($request, 'version');

        return $this->once->redirect(function () use ($order, $version, $do): array {
            $this->moves->lock($order, $version);

            return ['/orders/review', $do()];
        });
    }
}
