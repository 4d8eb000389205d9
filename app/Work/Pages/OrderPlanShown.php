<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Queries\PeopleLists;
use App\Planning\Queries\PlanningLists;
use App\Platform\Access\Rights;
use App\Platform\Fields\FieldsOf;
use App\Platform\Frame\Wording;
use App\Platform\Writing\Seen;
use App\Platform\Writing\Typed;
use App\Stores\Queries\FitsOf;
use App\Stores\Wording\PartsWording;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrderCosts;
use App\Work\Queries\OrderHolds;
use App\Work\Queries\PartsReadyOf;
use App\Work\Queries\WaitingWords;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Stock\LineReady;
use Sundial\Stock\PartsReady;
use Sundial\Support\Quantity;
use Sundial\Work\OrderMove;
use Sundial\Work\OrderState;

/** The part of an order's sheet that is planned and recorded: its ledger, lines, parts and services. */
final readonly class OrderPlanShown
{
    public function __construct(
        private OrderLedger $ledger,
        private OrderHolds $holds,
        private FitsOf $fits,
        private PeopleLists $people,
        private PlanningLists $planning,
        private WaitingWords $waiting,
        private OrderLocksShown $locks,
        private OrderRecordShown $record,
        private OrderAssetsShown $assets,
        private OrderWarrantyShown $warranty,
        private FieldsOf $fields,
        private OrderToolsShown $tools,
        private OrderCosts $costs,
        private Wording $wording,
        private PartsReadyOf $ready,
        private PartsWording $partsWords,
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
        $fits = $order->asset_id !== null && ($edits || $works) ? $this->fits->asset($order->asset_id) : [];

        return [
            'ledger' => ($this->ledger)($order),
            'ofFailure' => $this->ledger->ofFailure($order),
            'clock' => $has['clock'],
            'mayClock' => $order->state->isApproved() && Gate::allows('work', $order),
            'isDown' => $has['down'],
            ...($this->locks)($order, $has, $plans),
            ...($this->record)($order, $has),
            ...($this->assets)($order, $has, $edits),
            ...($this->warranty)($order, $has['claims']),
            'tools' => $has['tools'] ? ($this->tools)($order) : [],
            'mayBookTools' => $has['toolsThere'] && $plans && $order->state->isOpen(),
            'fields' => $has['fields'] ? $this->fields->of('order', $order->type->name) : collect(),
            'fieldValues' => $has['fields'] ? $this->fields->values('order', $order->id) : [],
            'fieldsSeen' => $has['fields']
                ? Seen::mark($this->fields->typed('order', $order->id, $order->type->name))
                : '',
            'mayFill' => Gate::allows('work', $order) && ! $order->state->isLocked(),
            'mayPlan' => $edits,
            'precautionLines' => $order->precautions->pluck('text')->implode("\n"),
            'couldPlan' => $plans && $order->state->isOpen() && ! $edits,
            'mayBookServices' => $books,
            'mayAgree' => $plans && $order->state->isOpen(),
            'fits' => $fits,
            'trades' => $edits ? $this->people->trades() : collect(),
            'methods' => $edits ? $this->planning->methodsInForce() : collect(),
            'suppliers' => $edits || $books ? $this->people->suppliers() : collect(),
            'stages' => $has['stages'] && Gate::allows('work', $order)
                ? $this->waiting->stagesInside($order->state)
                : [],
            ...$this->readiness($order, $fits !== []),
            'usedOf' => $this->usedOf($order),
            'bookedOf' => $this->bookedOf($order),
            'tiedTo' => $this->tiedTo($order),
            'toTake' => in_array(OrderMove::Finish, $moves, true) ? $this->toTake($order) : [],
        ];
    }

    /** @return array{partsSaid: string, partsShort: bool, readyOf: array<int, array{string, bool}>} */
    private function readiness(WorkOrder $order, bool $isListed): array
    {
        $lines = $order->parts->isEmpty() || ! $order->state->isOpen()
            ? []
            : $this->ready->byLine([$order->id])[$order->id] ?? [];
        $all = PartsReady::of(...array_values($lines));

        return [
            'partsSaid' => match (true) {
                ! $all->isEmpty() => $this->partsWords->all($all),
                $isListed => "from the list of {$order->worksite()->tag} first",
                default => '',
            },
            'partsShort' => ! $all->areHere(),
            'readyOf' => array_map(
                fn (LineReady $one): array => [$this->partsWords->line($one), $one->isHere],
                $lines,
            ),
        ];
    }

    /** @return array<int, string> what was booked of each planned line of labour, by line */
    private function bookedOf(WorkOrder $order): array
    {
        if ($order->bookings->isEmpty()) {
            return [];
        }
        $by = $this->costs->byLine($order);
        $sees = Rights::has(Right::SeeCosts);
        $said = [];
        foreach ($by->minutes as $line => $minutes) {
            $said[$line] = $this->wording->minutes($minutes).
                ($sees && $by->cents[$line] > 0 ? " · {$this->wording->money($by->cents[$line])}" : '');
        }

        return $said;
    }

    /** @return array<int, string> what is planned for one step alone, by step */
    private function tiedTo(WorkOrder $order): array
    {
        $tied = [];
        foreach ($order->parts->whereNotNull('step_id') as $line) {
            $many = "{$this->wording->quantity($line->quantity)} {$line->unit}";
            $tied[(int) $line->step_id][] = "takes {$many} {$line->name}";
        }
        foreach ($order->labour->whereNotNull('step_id') as $line) {
            $time = $this->wording->minutes($line->minutes);
            $tied[(int) $line->step_id][] = "{$line->people} × {$line->trade_name}, {$time}";
        }

        return array_map(static fn (array $some): string => implode(', ', $some), $tied);
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

    /** @return list<PartToTake> planned less what was used already */
    private function toTake(WorkOrder $order): array
    {
        $lines = [];
        foreach ($order->parts as $line) {
            $left = $order->leftOf($line);
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
            $used[$line->id] = $this->wording->quantity(Quantity::plain($order->usedOf($line)));
        }

        return $used;
    }
}
