<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Demand\AskedFor;
use App\Stores\Demand\DayDemand;
use App\Stores\Demand\PartDemand;
use App\Stores\Models\Purchase;
use App\Stores\Queries\DemandAhead;
use App\Stores\Queries\DueToCount;
use App\Stores\Queries\FreeAhead;
use App\Stores\Queries\PartAhead;
use App\Stores\Queries\Purchases;
use App\Stores\Queries\StockOf;
use App\Stores\Queries\StoresOfSite;
use App\Stores\Queries\WhatToBuyNow;
use Illuminate\Support\Collection;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Support\Quantity;

/** The start page of Stores: what will run short, and when; what waits to be bought, received and counted. */
final readonly class StoresStart
{
    private const AHEAD = 84;

    private const ROWS = 12;

    private const LEFT = 250;

    private const RIGHT = 780;

    public function __construct(
        private CurrentSite $site,
        private FreeAhead $ahead,
        private DemandAhead $demand,
        private WhatToBuyNow $buy,
        private Purchases $purchases,
        private DueToCount $due,
        private StoresOfSite $stores,
        private StockOf $stock,
        private Wording $words,
    ) {
    }

    /** Whether a store is kept at the site. */
    public function isKept(): bool
    {
        return $this->stock->stores($this->site->id())->isNotEmpty();
    }

    /** @return list<DayDemand> what will be taken, for what runs short and for what to buy */
    public function demand(): array
    {
        $until = LocalDate::later(
            $this->site->today()->plusDays(self::AHEAD),
            $this->buy->farthest($this->site->id()),
        );

        return $this->demand->totals($this->site->id(), null, $until);
    }

    /**
     * @param  list<DayDemand>  $asked  what will be taken
     * @return array<string, mixed>
     */
    public function __invoke(array $asked): array
    {
        $siteId = $this->site->id();
        $today = $this->site->today();
        $until = $today->plusDays(self::AHEAD);
        $short = collect(($this->ahead)($siteId, null, $today, $until, $asked))
            ->filter(static fn (PartAhead $one): bool => $one->stair->shortFrom() !== null)
            ->sortBy(static fn (PartAhead $one): int => $one->stair->shortFrom()->epochDay ?? 0)
            ->values();
        $open = $this->purchases->open($siteId);

        return [
            'short' => $short->count(),
            'rows' => $this->rows($short->take(self::ROWS), $asked, $siteId, $today),
            'ticks' => $this->ticks($today),
            'toBuy' => $this->buy->count($siteId, $asked),
            'lateIn' => $open->filter(static fn (Purchase $one): bool => $one->state->isUnderWay() &&
                $one->expected_on !== null && $one->expected_on < (string) $today)->count(),
            'onWay' => $open->filter(static fn (Purchase $one): bool => $one->state->isUnderWay())->count(),
            'toCount' => $this->due->count($siteId),
            'stores' => ($this->stores)($siteId),
            'seesPrices' => Rights::has(Right::SeePrices),
        ];
    }

    /**
     * @param  Collection<int, PartAhead>  $short
     * @param  list<DayDemand>  $totals  what will be taken
     * @return list<array<string, mixed>>
     */
    private function rows(Collection $short, array $totals, int $siteId, LocalDate $today): array
    {
        $until = $today->plusDays(self::AHEAD);
        $asked = $short->map(
            static fn (PartAhead $of): AskedFor => new AskedFor($siteId, $of->id, $of->stair->shortFrom(), $until, 1),
        );
        $first = $this->demand->firstOf(...AskedFor::knowing($totals, ...$asked));

        return array_values($short->map(
            fn (PartAhead $one, int $i): array => $this->row($one, $i, $today, $first[$one->id][0] ?? null),
        )->all());
    }

    /** @return array<string, mixed> */
    private function row(PartAhead $one, int $i, LocalDate $today, ?PartDemand $first): array
    {
        $nights = [];
        $steps = $one->stair->steps();
        foreach ($steps as $n => [$day, $free]) {
            if ($free < 0) {
                $end = isset($steps[$n + 1]) ? $this->x($today, $steps[$n + 1][0]) : (float) self::RIGHT;
                $nights[] = ['x' => $this->x($today, $day), 'width' => max(3.0, $end - $this->x($today, $day))];
            }
        }
        $from = $one->stair->shortFrom() ?? $today;
        $by = $one->stair->orderBy($one->leadDays) ?? $today;

        return [
            'y' => 30 + $i * 30,
            'id' => $one->id,
            'name' => $one->name,
            'x' => $this->x($today, $from),
            'nights' => $nights,
            'orderX' => $this->x($today, $by),
            'says' => "short from {$this->words->day($from)}, ".
                Quantity::words($one->stair->firstMissing()).' missing',
            'orderBy' => $by->isAfter($today) ? "order by {$this->words->day($by)}" : 'order today',
            'first' => $first,
        ];
    }

    private function x(LocalDate $today, LocalDate $day): float
    {
        $days = min(self::AHEAD, max(0, $today->daysUntil($day)));

        return round(self::LEFT + (self::RIGHT - self::LEFT) * $days / self::AHEAD, 1);
    }

    /** @return list<array{x: float, label: string}> */
    private function ticks(LocalDate $today): array
    {
        $ticks = [];
        for ($day = 0; $day < self::AHEAD; $day += 14) {
            $ticks[] = [
                'x' => $this->x($today, $today->plusDays($day)),
                'label' => $day === 0 ? 'today' : $this->words->day($today->plusDays($day)),
            ];
        }

        return $ticks;
    }
}
