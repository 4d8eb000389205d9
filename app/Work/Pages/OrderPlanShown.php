<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Queries\PeopleLists;
use App\Planning\Queries\PlanningLists;
use App\Platform\Documents\Document;
use App\Platform\Documents\DocumentsOf;
use App\Platform\Frame\Wording;
use App\Platform\Writing\Typed;
use App\Stores\Queries\FitsOf;
use App\Work\Models\OrderPart;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use App\Work\Queries\FailureWordsOf;
use App\Work\Queries\IsolationsOf;
use App\Work\Queries\OrderHolds;
use App\Work\Queries\RequestFacts;
use App\Work\Queries\UsualFailureOf;
use App\Work\Queries\WaitingWords;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Sundial\Support\Quantity;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;

/** The part of an order's sheet that is planned and recorded: its ledger, lines, parts, services, and what failed. */
final readonly class OrderPlanShown
{
    public function __construct(
        private OrderLedger $ledger,
        private OrderHolds $holds,
        private RequestFacts $requests,
        private DocumentsOf $documents,
        private FitsOf $fits,
        private PeopleLists $people,
        private PlanningLists $planning,
        private FailureWordsOf $words,
        private WaitingWords $waiting,
        private IsolationsOf $isolations,
        private UsualFailureOf $usualFailure,
        private Wording $wording,
    ) {
    }

    /**
     * @param  list<OrderMove>  $moves  that somebody may make
     * @return array<string, mixed>
     */
    public function __invoke(WorkOrder $order, array $moves): array
    {
        $has = $this->holds->load($order, self::me());
        $plans = Gate::allows('assign', $order);
        // The lines of a draft are at hand; later the page stays light until somebody asks for them.
        $edits = $plans && $order->state->isOpen() && $this->isBeingPlanned($order);
        $works = Gate::allows('work', $order) && $order->state->takesBookings();
        $books = $plans && $order->state->takesInvoices();
        $asks = $order->state->takesBookings() && $order->asksWhatFailed();

        $raised = (string) $order->getAttribute('created_at');
        [$before, $after] = ($has['photos'] ? $this->documents->subject($order->subject()) : collect())
            ->partition(static fn (Document $one): bool => $one->added_at < $raised);
        $requests = $has['requests'] ? $this->requests->ofOrder($order->id) : collect();

        return [
            'ledger' => ($this->ledger)($order),
            'clock' => $has['clock'],
            'mayClock' => $order->state->isApproved() && Gate::allows('work', $order),
            'isolations' => $has['isolations'] ? $this->isolations->order($order->id) : collect(),
            // Where nothing is known of locks, the way to them stands at the foot.
            'isolationFirst' => $has['isolations'] || $has['points'],
            'isDown' => $has['down'],
            'mayMoveLocks' => $plans,
            ...$this->isolating($order, $plans && $order->state->isOpen(), $has),
            'mayPlan' => $edits,
            'precautionLines' => $order->precautions->pluck('text')->implode("\n"),
            'couldPlan' => $plans && $order->state->isOpen() && ! $edits,
            'mayBookServices' => $books,
            'mayAgree' => $plans && $order->state->isOpen(),
            'requests' => $requests,
            'found' => $has['found'] ? $this->requests->foundOn($order->id) : collect(),
            // What came with the requests shows what it was like before; what is hung on the order, what was done.
            'photos' => $before,
            'documents' => $after,
            'mayHang' => Gate::allows('update', $order) && ! $order->state->isLocked(),
            'fits' => $order->asset_id !== null && ($edits || $works) ? $this->fits->asset($order->asset_id) : [],
            'trades' => $edits ? $this->people->trades() : collect(),
            'methods' => $edits ? $this->planning->methodsInForce() : collect(),
            'suppliers' => $edits || $books ? $this->people->suppliers() : collect(),
            'stages' => $has['stages'] && Gate::allows('work', $order)
                ? $this->waiting->stagesInside($order->state)
                : [],
            'usedOf' => $this->usedOf($order),
            'toTake' => in_array(OrderMove::Finish, $moves, true) ? $this->toTake($order) : [],
            'asksFailure' => $asks,
            'words' => $asks && $works ? ($this->words)($order->asset?->class_id) : [],
            // What was reported is how it showed.
            'usual' => ['symptom' => $requests->first()?->symptom],
            'usualFailure' => $asks && $works && $order->failure === null && $order->asset !== null
                ? ($this->usualFailure)($order->asset->class_id, $requests->first()?->symptom)
                : null,
            'foundAt' => $this->foundAt($order),
            'failedAt' => $order->failure?->failed_at === null
                ? null
                : $this->wording->local($order->failure->failed_at)->format('Y-m-d\TH:i'),
        ];
    }

    /**
     * @param  array{points: bool, locked: bool, ...}  $has
     * @return array<string, mixed> what the form of an isolation needs
     */
    private function isolating(WorkOrder $order, bool $may, array $has): array
    {
        $may = $may && $order->asset_id !== null;

        return [
            'mayIsolate' => $may,
            'sharable' => $may && $has['locked'] ? $this->isolations->shared($order) : collect(),
            'lockPoints' => $may && $has['points'] ? $this->isolations->points((int) $order->asset_id) : [],
        ];
    }

    private static function me(): ?int
    {
        $me = Auth::id();

        return is_int($me) ? $me : null;
    }

    private function isBeingPlanned(WorkOrder $order): bool
    {
        return $order->state === OrderState::Draft ||
            Typed::word(request(), 'plan') === '1' ||
            session()->has('errors');
    }

    /** The step from which somebody came to report what was found at it. */
    private function foundAt(WorkOrder $order): ?OrderStep
    {
        $position = (int) Typed::word(request(), 'found');

        return $position === 0 ? null : $order->steps->firstWhere('position', $position);
    }

    /** @return list<PartToTake> planned less what was used already */
    private function toTake(WorkOrder $order): array
    {
        $lines = [];
        foreach ($order->parts as $line) {
            $left = $line->thousandths() - $this->used($order, $line);
            if ($left > 0) {
                $lines[] = new PartToTake($line->id, $line->name, $line->unit, $this->wording->quantity(
                    Quantity::plain($left),
                ));
            }
        }

        return $lines;
    }

    /** @return array<int, string> how many of each planned part were used, by line */
    private function usedOf(WorkOrder $order): array
    {
        $used = [];
        foreach ($order->uses->isEmpty() ? [] : $order->parts as $line) {
            $used[$line->id] = $this->wording->quantity(Quantity::plain($this->used($order, $line)));
        }

        return $used;
    }

    private function used(WorkOrder $order, OrderPart $line): int
    {
        return (int) $order->uses
            ->where('line_id', $line->id)
            ->sum(static fn ($use): int => Quantity::parse($use->quantity));
    }
}
