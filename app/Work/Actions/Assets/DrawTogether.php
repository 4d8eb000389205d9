<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderRows;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\TextLines;
use Sundial\Work\CancelledVisit;

/**
 * Draws other open orders into one: their assets, steps, people, parts, services, precautions, visits and requests
 * stand in it from then on, each with its origin; the others are cancelled and name it. What is begun is not drawn.
 */
final readonly class DrawTogether
{
    public function __construct(
        private PlanWriting $plan,
        private OrderMoves $moves,
        private CancelWorkOrder $cancel,
    ) {
    }

    public function __invoke(Actor $by, WorkOrder $order, WorkOrder ...$others): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $others): WorkOrder {
            self::hold($order, ...$others);
            $order = $this->plan->lock($order);
            if ($others === []) {
                throw InvalidInput::because('none', 'others', 'Name at least one other order.');
            }
            $isApproved = $order->grown === null;
            foreach ($others as $other) {
                $isApproved = $isApproved && $other->state->isApproved();
                $this->draw($by, $order, $this->moves->lock($other));
            }
            $labels = implode(', ', array_map(static fn (WorkOrder $one): string => $one->label(), $others));
            $this->plan->done($by, $order, "drew {$labels} into");
            if ($isApproved) {
                // Each was approved for itself: the next change is measured from here.
                $order->fill(['approved_plan' => null, 'grown' => null])->save();
            }
            $this->moves->countOpen(...OrderRows::assets($order->id));

            return $order;
        });
    }

    /** Assets before orders, each by its id, so that two who draw the same together do not wait for each other. */
    private static function hold(WorkOrder ...$orders): void
    {
        $ids = array_map(static fn (WorkOrder $one): int => $one->id, $orders);
        $assets = array_map(static fn (WorkOrder $one): ?int => $one->asset_id, $orders);
        DB::table('assets')->whereIn('id', array_filter($assets))->orderBy('id')->lockForUpdate()->pluck('id');
        DB::table('work_orders')->whereIn('id', $ids)->orderBy('id')->lockForUpdate()->pluck('id');
    }

    private function draw(Actor $by, WorkOrder $order, WorkOrder $other): void
    {
        self::check($order, $other);
        self::tie($order);
        self::tie($other);
        OrderRows::addAssets($order->id, ...OrderRows::assets($other->id));
        $this->moveSteps($order, $other);
        foreach (['order_labour', 'order_parts', 'order_services', 'order_visits'] as $table) {
            DB::table($table)->where('order_id', $other->id)->update(['order_id' => $order->id]);
        }
        $this->movePrecautions($order, $other);
        $this->moveVisits($order);
        DB::table('requests')->where('order_id', $other->id)->update(['order_id' => $order->id]);
        $order->tools = TextLines::merged($order->tools, $other->tools);
        ($this->cancel)($by, $other, "drawn into {$order->label()}", CancelledVisit::GiveBack);
        DB::table('order_links')->insertOrIgnore([
            'order_id' => $order->id,
            'other_id' => $other->id,
            'kind' => 'belongs with',
        ]);
    }

    private static function check(WorkOrder $order, WorkOrder $other): void
    {
        $says = match (true) {
            $other->id === $order->id, $other->site_id !== $order->site_id => 'Name other orders of this site.',
            $order->asset_id === null, $other->asset_id === null => 'Orders on a place alone are not drawn together.',
            ! $other->state->isOpen(),
            $other->started_at !== null => "{$other->label()} is {$other->state->value}: only what has not begun ".
                'is drawn.',
            default => null,
        };
        if ($says !== null) {
            throw InvalidInput::because('not_drawn', 'others', $says);
        }
    }

    /** What an order does for its only asset is for that one from now on. */
    private static function tie(WorkOrder $order): void
    {
        if ($order->rows()->count() === 1) {
            foreach (['order_steps', 'order_parts'] as $table) {
                DB::table($table)
                    ->where('order_id', $order->id)
                    ->whereNull('asset_id')
                    ->update(['asset_id' => $order->asset_id]);
            }
        }
    }

    private function moveSteps(WorkOrder $order, WorkOrder $other): void
    {
        $last = (int) DB::table('order_steps')->where('order_id', $order->id)->max('position');
        DB::table('order_steps')
            ->where('order_id', $other->id)
            ->orderByDesc('position')
            ->update(['position' => DB::raw("position + {$last}"), 'order_id' => $order->id]);
    }

    private function movePrecautions(WorkOrder $order, WorkOrder $other): void
    {
        $standing = DB::table('order_precautions')->where('order_id', $order->id)->pluck('text')->all();
        $new = DB::table('order_precautions')
            ->where('order_id', $other->id)
            ->orderBy('position')
            ->pluck('text')
            ->diff($standing)
            ->values();
        DB::table('order_precautions')->insert(
            $new->map(static fn (mixed $text, int $i): array => [
                'order_id' => $order->id,
                'text' => $text,
                'position' => count($standing) + $i + 1,
            ])->all(),
        );
        DB::table('order_permits')->insertOrIgnore(
            DB::table('order_permits')
                ->where('order_id', $other->id)
                ->pluck('permit')
                ->map(static fn (mixed $one): array => ['order_id' => $order->id, 'permit' => $one])
                ->all(),
        );
    }

    /** Its visits are in hand in this order from now on. */
    private function moveVisits(WorkOrder $order): void
    {
        $visits = DB::table('order_visits')->where('order_id', $order->id)->select('visit_id');
        DB::table('visits')->whereIn('id', $visits)->update(['label' => $order->label()]);
        DB::table('schedule_standings')->whereIn('visit_id', $visits)->update(['in_hand' => $order->label()]);
    }
}
