<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Access\Rights;
use App\Platform\Documents\Document;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Frame\Wording;
use App\Platform\Writing\Typed;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Queries\FailureWordsOf;
use App\Work\Queries\OrderCosts;
use App\Work\Queries\OrdersBeside;
use App\Work\Queries\RequestFacts;
use App\Work\Queries\UsualFailureOf;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Costing\SpentOn;

/** On the sheet of an order: what asked for it, what was found on the way, what failed, and what came of it. */
final readonly class OrderRecordShown
{
    public function __construct(
        private RequestFacts $requests,
        private DocumentsOf $documents,
        private FailureWordsOf $words,
        private UsualFailureOf $usualFailure,
        private OrdersBeside $beside,
        private OrderCosts $costs,
        private Wording $wording,
    ) {
    }

    /**
     * @param  array{requests: bool, found: bool, photos: bool, again: bool, raised: bool, ...}  $has
     * @return array<string, mixed>
     */
    public function __invoke(WorkOrder $order, array $has): array
    {
        $works = Gate::allows('work', $order) && $order->state->takesBookings();
        $tells = $works && $order->asset !== null;
        $asks = $order->state->takesBookings() && $order->asksWhatFailed();
        $raised = (string) $order->getAttribute('created_at');
        [$before, $after] = ($has['photos'] ? $this->documents->subject($order->subject()) : collect())
            ->partition(static fn (Document $one): bool => $one->added_at < $raised);
        $requests = $has['requests'] ? $this->requests->ofOrder($order->id) : collect();
        $again = $has['again'] ? $this->beside->repeating($order->id) : collect();

        return [
            'requests' => $requests,
            'found' => $has['found'] ? $this->requests->foundOn($order->id) : collect(),
            'raisedHere' => $has['raised'] ? $this->beside->raisedDuring($order->id) : collect(),
            'again' => $again,
            'mayRepeat' => Gate::allows('assign', $order) && ! $order->state->isLocked(),
            'againCost' => $this->again($order, $again),
            // What came with the requests shows what it was like before; what is hung on the order, what was done.
            'photos' => $before,
            'documents' => $after,
            'mayHang' => Gate::allows('update', $order) && ! $order->state->isLocked(),
            'asksFailure' => $asks,
            // On planned work it is offered, not asked: what was found and mended on the way.
            'tellsFailure' => $asks || $tells,
            'keepsApart' => $order->failure?->mode !== null && ! $order->asksWhatFailed() ? SpentOn::cases() : [],
            'words' => $tells ? ($this->words)($order->asset?->class_id) : [],
            // What was reported is how it showed.
            'usual' => ['symptom' => $requests->first()?->symptom],
            'usualFailure' => $asks && $tells && $order->failure === null
                ? ($this->usualFailure)((int) $order->asset?->class_id, $requests->first()?->symptom)
                : null,
            'foundAt' => $this->foundAt($order),
            'failedAt' => $order->failure?->failed_at === null
                ? null
                : $this->wording->local($order->failure->failed_at)->format('Y-m-d\TH:i'),
        ];
    }

    /**
     * What the orders cost that had to do its work again, and what it cost with them.
     *
     * @param  Collection<int, WorkOrder>  $again
     */
    private function again(WorkOrder $order, Collection $again): ?string
    {
        if ($again->isEmpty() || ! Rights::has(Right::SeeCosts)) {
            return null;
        }
        $more = $this->costs->bookedOn(...$again->pluck('id')->all());
        $all = $more->plus($this->costs->booked($order)->total());

        return "{$this->wording->cost($more)} more, {$this->wording->cost($all)} with this one";
    }

    /** The step from which somebody came to report what was found at it. */
    private function foundAt(WorkOrder $order): ?OrderStep
    {
        $position = (int) Typed::word(request(), 'found');

        return $position === 0 ? null : $order->steps->firstWhere('position', $position);
    }
}
