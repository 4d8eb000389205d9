<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Frame\Wording;
use App\Platform\Sites\Site;
use App\Work\Inputs\CostSlice;
use App\Work\Queries\CostNames;
use App\Work\Queries\CostRollUp;
use App\Work\Queries\LockedThrough;
use Sundial\Costing\CostBy;
use Sundial\Costing\CostKind;
use Sundial\Costing\CostSum;
use Sundial\Costing\OrderCost;
use Sundial\Support\Rounding;

/** What the work of a site cost, put together by place, class, cost centre, type, kind of work or month. */
final readonly class CostsPage
{
    public function __construct(
        private CostRollUp $costs,
        private CostNames $names,
        private LockedThrough $locked,
        private Wording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Site $site, CostSlice $slice): array
    {
        $costs = $this->costs->by($site->id, $slice);
        $names = $this->names->of($slice, array_map(strval(...), array_keys($costs)));
        $most = max([1, ...array_map(static fn (array $one): int => $one[0]->total()->cents, array_values($costs))]);
        $lines = [];
        foreach ($costs as $key => [$cost, $seconds]) {
            $key = (string) $key;
            $lines[] = $this->line($slice, [$key, $names[$key] ?? $key], $cost, $seconds, $most);
        }
        $against = $this->costs->againstPlan($site->id, $slice);

        return [
            'slice' => $slice,
            'site' => $site,
            'lines' => $lines,
            'sum' => $this->figures($slice, null, self::together(array_column($costs, 0))),
            'hours' => $this->words->minutes(intdiv((int) array_sum(array_column($costs, 1)), 60)),
            'bys' => CostBy::cases(),
            'crumbs' => $this->names->above($slice),
            'against' => $against,
            'againstWords' => $against['planned'] === 0 ? null : $this->against($against),
            'locks' => $this->locked->all($site->id),
            'through' => $this->locked->of($site->id),
        ];
    }

    /** @param  array{orders: int, planned: int, booked: int}  $sums */
    private function against(array $sums): string
    {
        $share = Rounding::divideHalfAwayFromZero(100 * $sums['booked'], $sums['planned']);
        $orders = $this->words->count($sums['orders'], 'order was closed', 'orders were closed');

        return "{$orders} in this time whose plan had a cost: planned {$this->words->money($sums['planned'])}, ".
            "booked {$this->words->money($sums['booked'])}, {$share} %.";
    }

    /** @param  array{string, string}  $of  key and name */
    private function line(CostSlice $slice, array $of, OrderCost $cost, int $seconds, int $most): CostLine
    {
        [$key, $name] = $of;
        $isDeep = $slice->by === CostBy::Place && preg_match('/^[LA]\d+$/D', $key) === 1;

        return new CostLine(
            $key === '' && $slice->by === CostBy::Place ? 'on it itself' : ($key === '' ? 'none' : $name),
            $isDeep ? $slice->address('/costs', ['under' => ($slice->under ?? '/')."{$key}/"]) : null,
            $this->words->minutes(intdiv($seconds, 60)),
            $this->figures($slice, $key, $cost),
            min(1000, intdiv(1000 * max(0, $cost->total()->cents), $most)),
        );
    }

    /** @return list<array{string, string}> */
    private function figures(CostSlice $slice, ?string $key, OrderCost $cost): array
    {
        $to = static fn (?CostKind $kind): string => $slice->address('/costs/orders', [
            'key' => $key,
            'kind' => $kind?->value,
        ]);
        $of = fn (CostSum $sum, ?CostKind $kind): array => [$this->words->cost($sum), $to($kind)];

        return [
            $of($cost->labour, CostKind::Labour),
            $of($cost->parts, CostKind::Parts),
            $of($cost->services, CostKind::Services),
            $of($cost->total(), null),
        ];
    }

    /** @param  list<OrderCost>  $costs */
    private static function together(array $costs): OrderCost
    {
        return array_reduce(
            $costs,
            static fn (OrderCost $sum, OrderCost $one): OrderCost => OrderCost::of(
                $sum->labour->plus($one->labour),
                $sum->parts->plus($one->parts),
                $sum->services->plus($one->services),
            ),
            OrderCost::of(CostSum::none(), CostSum::none(), CostSum::none()),
        );
    }
}
