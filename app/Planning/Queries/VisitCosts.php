<?php

declare(strict_types=1);

namespace App\Planning\Queries;

use App\People\Models\Rate;
use App\Planning\Models\MethodLabour;
use App\Planning\Models\MethodPart;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\MethodService;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\CostSum;
use Sundial\Costing\HourlyRate;
use Sundial\Costing\LabourCost;
use Sundial\Costing\Rates;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Support\Quantity;

/** What one visit by a revision is planned to cost, for each level of its ladder. */
final readonly class VisitCosts
{
    /** @return array<string, CostSum> by the name of the level; '' where all visits are alike */
    public function __invoke(MethodRevision $revision, string $currency, LocalDate $today): array
    {
        $levels = Ladder::parse((string) $revision->ladder)->names ?? [1 => ''];
        $rates = $this->rates(array_values($revision->labour->pluck('trade_id')->all()), $today);
        $costs = [];
        foreach ($levels as $level => $name) {
            $labour = $revision->labour
                ->where('level', '<=', $level)
                ->map(static function (MethodLabour $line) use ($rates): ?int {
                    $rate = $rates[$line->trade_id] ?? null;

                    return $rate === null ? null : LabourCost::planned($line->people * $line->minutes, $rate);
                });
            $parts = $revision->parts
                ->where('level', '<=', $level)
                ->map(
                    static fn (MethodPart $line): ?int => $line->part
                        ->priceIn($currency)
                        ?->times(Quantity::parse($line->quantity)),
                );
            $services = $revision->services
                ->where('level', '<=', $level)
                ->map(static fn (MethodService $line): ?int => $line->cents);
            $costs[(string) $name] = CostSum::of(...array_values([...$labour, ...$parts, ...$services]));
        }

        return $costs;
    }

    /**
     * @param  list<int>  $trades
     * @return array<int, HourlyRate|null> of today, by trade
     */
    private function rates(array $trades, LocalDate $today): array
    {
        $rates = [];
        foreach (Rate::query()->whereIn('trade_id', $trades)->get()->groupBy('trade_id') as $trade => $of) {
            $pairs = $of->map(static fn (Rate $one): array => [LocalDate::parse($one->from_day), $one->hourly()]);
            $rates[(int) $trade] = Rates::of([], array_values($pairs->all()))->on($today);
        }

        return $rates;
    }
}
