<?php

declare(strict_types=1);

namespace App\Work\Queries;

use App\Work\Models\Booking;
use App\Work\Models\FormerCost;
use App\Work\Models\PartUse;
use App\Work\Models\ServiceBooking;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\CostKind;
use Sundial\Costing\SpentOn;

/** All that was booked on an order and counts, as lines of cost. */
final readonly class LinesOfCost
{
    private const SECONDS = 60;

    /**
     * @return list<array{CostKind, int, int|null, SpentOn, LocalDate, int|null, int}> kind, line of its ledger, the row
     *     of the order on which it was booked (null: on all), what it was spent on, day, cents, seconds
     */
    public function of(int $orderId): array
    {
        $lines = [];
        foreach (Booking::counted()->where('order_id', $orderId)->orderBy('id')->get() as $one) {
            $lines[] = [
                CostKind::Labour,
                $one->id,
                $one->row_id,
                $one->spent_on,
                LocalDate::parse($one->worked_on),
                $one->cost_cents,
                $one->minutes * self::SECONDS,
            ];
        }
        $uses = PartUse::query()->where('order_id', $orderId)->orderBy('id')->get();
        foreach (PartUse::cents($uses) as $i => $cents) {
            $one = $uses[$i];
            $day = LocalDate::parse($one->used_on);
            $lines[] = [CostKind::Parts, $one->id, $one->row_id, $one->spent_on, $day, $cents, 0];
        }
        foreach (ServiceBooking::query()->where('order_id', $orderId)->orderBy('id')->get() as $one) {
            $day = LocalDate::parse($one->booked_on);
            $lines[] = [CostKind::Services, $one->id, $one->row_id, $one->spent_on, $day, $one->cents, 0];
        }

        return [...$lines, ...self::former($orderId)];
    }

    /** @return list<array{CostKind, int, int|null, SpentOn, LocalDate, int|null, int}> of a former system */
    private static function former(int $orderId): array
    {
        $cost = FormerCost::query()->find($orderId);
        $lines = [];
        foreach ($cost?->byKind() ?? [] as $kind => [$cents, $minutes]) {
            $lines[] = [
                CostKind::from($kind),
                0,
                null,
                SpentOn::Plan,
                LocalDate::parse((string) $cost?->on_day),
                $cents,
                $minutes * self::SECONDS,
            ];
        }

        return $lines;
    }
}
