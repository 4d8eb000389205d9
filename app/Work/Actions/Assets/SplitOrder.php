<?php

declare(strict_types=1);

namespace App\Work\Actions\Assets;

use App\Platform\Audit\Actor;
use App\Work\Actions\Raising\RaiseOrder;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\OrderInput;
use App\Work\Models\OrderAsset;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use App\Work\Orders\OrderRows;
use App\Work\Orders\PlanWriting;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;

/**
 * Takes some assets of an order into one of their own, with the steps, parts and visits of each. People and services
 * stay where they were planned; so do the asset for which the order was made, and those on which something was booked.
 */
final readonly class SplitOrder
{
    public function __construct(private PlanWriting $plan, private RaiseOrder $raise, private OrderMoves $moves)
    {
    }

    /** @param  list<int>  $rowIds  of the order */
    public function __invoke(Actor $by, WorkOrder $order, array $rowIds): WorkOrder
    {
        return DB::transaction(function () use ($by, $order, $rowIds): WorkOrder {
            $order = $this->plan->lock($order);
            $rows = $order->rows()->with('asset')->whereIn('id', $rowIds)->get();
            self::check($order, $rows);
            $due = $order->due_on === null ? null : LocalDate::parse($order->due_on);
            $first = $rows[0]->asset ?? throw InvalidInput::because('none', 'rows', 'Choose an asset.');
            $new = ($this->raise)(
                $by,
                OrderInput::on($first, $order->title, $order->about)
                    ->as($order->type, $order->priority, $due)
                    ->for(new Assignment($order->team_id, $order->assignee_id, $due)),
            );
            $assets = array_values($rows->map(static fn (OrderAsset $one): int => (int) $one->asset_id)->all());
            OrderRows::addAssets($new->id, ...$assets);
            $this->move($order, $new, $assets);
            OrderAsset::query()->whereIn('id', $rows->pluck('id'))->delete();
            DB::table('order_links')->insert([
                'order_id' => $new->id,
                'other_id' => $order->id,
                'kind' => 'belongs with',
            ]);
            $this->plan->done($by, $this->plan->lock($new), "took what was planned in {$order->label()} into");
            $this->plan->done($by, $order, "took {$rows->count()} assets into {$new->label()}, off");
            $this->moves->countOpen(...$assets);

            return $new->refresh();
        });
    }

    /** @param  Collection<int, OrderAsset>  $rows */
    private static function check(WorkOrder $order, Collection $rows): void
    {
        if ($rows->isEmpty()) {
            throw InvalidInput::because('none', 'rows', 'Choose the assets that get an order of their own.');
        }
        foreach ($rows as $row) {
            $isBooked = $row->path !== null ||
                DB::table('order_steps')
                    ->where('order_id', $order->id)
                    ->where('asset_id', $row->asset_id)
                    ->whereNotNull('ticked_at')
                    ->exists();
            if ($row->asset_id === $order->asset_id || $isBooked) {
                throw InvalidInput::because(
                    'begun',
                    'rows',
                    "{$row->label()} stays: the order was made for it, or something was done or booked already.",
                );
            }
        }
    }

    /** @param  list<int>  $assets */
    private function move(WorkOrder $order, WorkOrder $new, array $assets): void
    {
        $visits = DB::table('order_visits as o')
            ->join('visits as v', 'v.id', '=', 'o.visit_id')
            ->join('schedules as s', 's.id', '=', 'v.schedule_id')
            ->where('o.order_id', $order->id)
            ->whereNull('s.round_id')
            ->whereIn('s.asset_id', $assets)
            ->pluck('v.id')
            ->all();
        foreach (['order_steps', 'order_parts', 'order_labour', 'order_services', 'order_visits'] as $table) {
            DB::table($table)
                ->where('order_id', $order->id)
                ->where(static fn ($any) => $any
                    ->whereIn('visit_id', $visits)
                    ->when(
                        in_array($table, ['order_steps', 'order_parts'], true),
                        static fn ($some) => $some->orWhereIn('asset_id', $assets),
                    ))
                ->update(['order_id' => $new->id]);
        }
        DB::table('visits')->whereIn('id', $visits)->update(['label' => $new->label()]);
        DB::table('schedule_standings')->whereIn('visit_id', $visits)->update(['in_hand' => $new->label()]);
    }
}
