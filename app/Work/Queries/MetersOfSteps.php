<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Planning\Models\Visit;
use App\Register\Models\Meter;
use App\Work\Models\OrderStep;
use App\Work\Models\WorkOrder;
use Illuminate\Support\Collection;
use Sundial\Planning\Method\AnswerKind;

/** The meters that the steps of an order can mean: of the step's asset, those of its unit or name where it says one. */
final class MetersOfSteps
{
    /** @return Collection<int, Meter> those that its schedules count on, and those of its asset, by name */
    public function ofOrder(WorkOrder $order): Collection
    {
        $counted = $order->covered->map(static fn (Visit $visit): ?int => $visit->schedule->meter_id)->filter();

        return Meter::query()
            ->whereIn('id', $counted)
            ->orWhere('asset_id', $order->asset_id)
            ->orderBy('name')
            ->get();
    }

    /** @return Collection<int, Meter> by name */
    public function ofAsset(int $assetId): Collection
    {
        return Meter::query()->where('asset_id', $assetId)->orderBy('name')->get();
    }

    /** @return Collection<int, Meter> */
    public function of(WorkOrder $order, OrderStep $step): Collection
    {
        return $this->among(
            Meter::query()
                ->where('asset_id', $step->asset_id ?? $order->asset_id)
                ->orderBy('name')
                ->get(),
            $order,
            $step,
        );
    }

    /** @return array<int, Collection<int, Meter>> by the position of the step */
    public function ofAll(WorkOrder $order): array
    {
        $asking = $order->steps->filter(static fn (OrderStep $step): bool => $step->answer === AnswerKind::Reading);
        $meters = $asking->isEmpty()
            ? collect()
            : Meter::query()
                ->whereIn(
                    'asset_id',
                    $asking->map(static fn (OrderStep $step): ?int => $step->asset_id ?? $order->asset_id),
                )
                ->orderBy('name')
                ->get();

        return $asking
            ->mapWithKeys(fn (OrderStep $step): array => [$step->position => $this->among($meters, $order, $step)])
            ->all();
    }

    /** @param  Collection<int, Meter>  $meters
     * @return Collection<int, Meter> */
    private function among(Collection $meters, WorkOrder $order, OrderStep $step): Collection
    {
        return $meters
            ->filter(
                static fn (Meter $meter): bool => $meter->asset_id === ($step->asset_id ?? $order->asset_id) &&
                    ($step->unit === null || in_array($step->unit, [$meter->unit, $meter->name], true)),
            )
            ->values();
    }
}
