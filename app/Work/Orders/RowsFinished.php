<?php

declare(strict_types=1);

namespace App\Work\Orders;

use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Work\AssetState;

/**
 * What a finish says of the assets of an order: those that are open are done with it, and a visit is done on the day on
 * which its asset was; that of a round on the day of its last station.
 */
final class RowsFinished
{
    /** @param  array<int, LocalDate>  $days  by asset, of those that are done */
    private function __construct(private array $days, private LocalDate $finish)
    {
    }

    public static function with(Actor $by, WorkOrder $order, LocalDate $day): self
    {
        DB::table('order_assets')
            ->where('order_id', $order->id)
            ->where('state', AssetState::Open->value)
            ->update(['state' => AssetState::Done->value, 'done_on' => (string) $day, 'who' => $by->name]);

        return new self(
            DB::table('order_assets')
                ->where('order_id', $order->id)
                ->where('state', AssetState::Done->value)
                ->whereNotNull('asset_id')
                ->pluck('done_on', 'asset_id')
                ->map(static fn (mixed $on): LocalDate => LocalDate::parse((string) $on))
                ->all(),
            $day,
        );
    }

    /** Those that were done with the finish are open again. */
    public static function back(WorkOrder $order, LocalDate $finished): void
    {
        DB::table('order_assets')
            ->where('order_id', $order->id)
            ->where('state', AssetState::Done->value)
            ->where('done_on', (string) $finished)
            ->update(['state' => AssetState::Open->value, 'done_on' => null, 'who' => null]);
    }

    public function dayOf(Schedule $schedule): LocalDate
    {
        if ($schedule->round_id === null) {
            return $this->days[$schedule->asset_id] ?? $this->finish;
        }

        return array_reduce(
            $this->days,
            static fn (?LocalDate $last, LocalDate $day): LocalDate => $last === null
                ? $day
                : LocalDate::later($last, $day),
        ) ?? $this->finish;
    }
}
