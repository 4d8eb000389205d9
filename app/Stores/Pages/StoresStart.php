<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Access\Rights;
use App\Platform\Frame\Wording;
use App\Platform\Sites\CurrentSite;
use App\Stores\Models\Purchase;
use App\Stores\Queries\DueToCount;
use App\Stores\Queries\Purchases;
use App\Stores\Queries\RunningShort;
use App\Stores\Queries\StockOf;
use App\Stores\Queries\StoresOfSite;
use App\Stores\Queries\WhatToBuyNow;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;

/** The start page of Stores: what will run short, and when; what waits to be bought, received and counted. */
final readonly class StoresStart
{
    private const AHEAD = 84;

    private const ROWS = 12;

    private const LEFT = 250;

    private const RIGHT = 780;

    public function __construct(
        private CurrentSite $site,
        private RunningShort $short,
        private WhatToBuyNow $buy,
        private Purchases $purchases,
        private DueToCount $due,
        private StoresOfSite $stores,
        private StockOf $stock,
        private Wording $words,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(): array
    {
        $siteId = $this->site->id();
        $today = $this->site->today();
        if ($this->stock->stores($siteId)->isEmpty()) {
            return ['kept' => false];
        }
        $until = $today->plusDays(self::AHEAD);
        $short = ($this->short)($siteId, $today, $until);
        $open = $this->purchases->open($siteId);

        return [
            'kept' => true,
            'short' => $short->count(),
            'rows' => array_values(
                $short->take(self::ROWS)->map(fn (array $one, int $i): array => $this->row($one, $i, $today))->all(),
            ),
            'ticks' => $this->ticks($today),
            'toBuy' => count(($this->buy)($siteId)),
            'lateIn' => $open->filter(static fn (Purchase $one): bool => $one->state->isUnderWay() &&
                $one->expected_on !== null && $one->expected_on < (string) $today)->count(),
            'onWay' => $open->filter(static fn (Purchase $one): bool => $one->state->isUnderWay())->count(),
            'toCount' => $this->due->count($siteId),
            'stores' => ($this->stores)($siteId),
            'seesPrices' => Rights::has(Right::SeePrices),
        ];
    }

    /**
     * @param  array<string, mixed>  $one
     * @return array<string, mixed>
     */
    private function row(array $one, int $i, LocalDate $today): array
    {
        $nights = [];
        $steps = $one['stair']->steps();
        foreach ($steps as $n => [$day, $free]) {
            if ($free < 0) {
                $end = isset($steps[$n + 1]) ? $this->x($today, $steps[$n + 1][0]) : (float) self::RIGHT;
                $nights[] = ['x' => $this->x($today, $day), 'width' => max(3.0, $end - $this->x($today, $day))];
            }
        }
        $from = $one['stair']->shortFrom();
        $lead = $one['part']->lead_days;
        $by = $one['stair']->orderBy($lead === null ? null : (int) $lead);

        return [
            'y' => 30 + $i * 30,
            'id' => $one['part']->id,
            'name' => $one['part']->name,
            'x' => $this->x($today, $from),
            'nights' => $nights,
            'orderX' => $this->x($today, $by),
            'says' => "short from {$this->words->day($from)}, ".
                StairShown::words($one['stair']->firstMissing()).' missing',
            'orderBy' => $by->isAfter($today) ? "order by {$this->words->day($by)}" : 'order today',
            'first' => $one['first'],
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
