<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Frame\Wording;
use App\Work\Models\WorkOrder;
use App\Work\Queries\OrdersNamed;
use App\Work\Table\OneChange;
use Illuminate\Support\Facades\Gate;
use Sundial\Work\Many\ChangeOfMany;
use Sundial\Work\Many\DayChange;

/** What a change of many orders would do to each, before it is done. */
final readonly class ManyOrdersPage
{
    private const SHOWN = 200;

    public function __construct(private OneChange $one, private OrdersNamed $orders, private Wording $words)
    {
    }

    /**
     * @param  list<int>  $ids
     * @return array<string, mixed>
     */
    public function __invoke(array $ids, ChangeOfMany $what, ?string $value, string $back): array
    {
        $orders = $this->orders->some($ids, self::SHOWN);
        $lines = $orders->map(fn (WorkOrder $order): array => $this->line($order, $what, $value));

        return [
            'title' => $this->title($what, $value, count($ids)),
            'what' => $what,
            'value' => $value,
            'ids' => $ids,
            'count' => count($ids),
            'lines' => $lines,
            'changed' => $lines->where('changes', true)->count(),
            'back' => $back,
        ];
    }

    private function title(ChangeOfMany $what, ?string $value, int $count): string
    {
        $orders = $this->words->count($count, 'order');
        $day = in_array($what, [ChangeOfMany::Planned, ChangeOfMany::Due], true) && $value !== null;

        return match (true) {
            $what->move() !== null => ucfirst($what->label())." {$orders}",
            $day => ucfirst($what->label())." of {$orders}: ".DayChange::parse((string) $value, 'value')->words(),
            default => ucfirst($what->label())." of {$orders}: ".$this->word($what, $value),
        };
    }

    /** @return array{order: WorkOrder, old: string, new: string, changes: bool} */
    private function line(WorkOrder $order, ChangeOfMany $what, ?string $value): array
    {
        $move = $what->move();
        $old = OneChange::held($order, $what);
        if ($move !== null) {
            $may = $what === ChangeOfMany::Approve
                ? $order->state->waitsForApproval($order->grown)
                : in_array($order->state, $move->leaves(), true);
            $mine = Gate::allows('move', [$order, $move->value]);

            return [
                'order' => $order,
                'old' => (string) $old,
                'new' => match (true) {
                    ! $may => 'stays: not possible from there',
                    ! $mine => 'stays: not yours to do',
                    default => $move->to()->value,
                },
                'changes' => $may && $mine,
            ];
        }
        $new = $this->one->value($order, $what, $value);
        $isOpen = $order->state->isOpen();

        return [
            'order' => $order,
            'old' => $this->word($what, $old),
            'new' => match (true) {
                ! $isOpen => "stays: it is {$order->state->value}",
                $new === $old => 'stays',
                default => $this->word($what, $new),
            },
            'changes' => $isOpen && $new !== $old,
        ];
    }

    private function word(ChangeOfMany $what, ?string $value): string
    {
        return match (true) {
            $value === null => 'none',
            $what === ChangeOfMany::Team,
            $what === ChangeOfMany::Person => $this->orders->whose($what, (int) $value),
            in_array($what, [ChangeOfMany::Planned, ChangeOfMany::Due], true) => $this->words->day($value),
            default => $value,
        };
    }
}
