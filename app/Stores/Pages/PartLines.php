<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Frame\Wording;
use App\Stores\Demand\DayDemand;
use App\Stores\Models\Part;
use App\Stores\Queries\FreeAhead;
use App\Stores\Queries\StockOf;
use Illuminate\Support\Collection;
use stdClass;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FreeStair;
use Sundial\Support\Quantity;

/** The parts of a list, each with its shelf and with what matters of it now. */
final readonly class PartLines
{
    /** Days ahead in which a list looks for what runs short. */
    public const AHEAD = 84;

    /** Days within which it is late to buy most things. */
    private const SOON = 14;

    private const BAR = 24;

    public function __construct(
        private StockOf $stock,
        private FreeAhead $ahead,
        private Wording $words,
    ) {
    }

    /**
     * @param  Collection<int, Part>  $parts
     * @param  list<DayDemand>|null  $asked  what will be taken of them, where that is known
     * @return array<int, PartLine> by part
     */
    public function of(Collection $parts, int $siteId, LocalDate $today, ?array $asked = null): array
    {
        $ids = array_values($parts->pluck('id')->all());
        $totals = $this->stock->totals($ids, $siteId);
        if ($totals->isEmpty()) {
            return $parts->mapWithKeys(static fn (Part $part): array => [
                $part->id => new PartLine(0, 0, self::bare($part), ''),
            ])->all();
        }
        $ahead = ($this->ahead)($siteId, $ids, $today, $today->plusDays(self::AHEAD), $asked);

        return $parts->mapWithKeys(fn (Part $part): array => [
            $part->id => isset($ahead[$part->id])
                ? $this->line($totals[$part->id], $ahead[$part->id]->stair, $today)
                : new PartLine(0, 0, self::bare($part).' · in no store', ''),
        ])->all();
    }

    private function line(stdClass $total, FreeStair $stair, LocalDate $today): PartLine
    {
        $hand = Quantity::parse((string) $total->on_hand);
        $promised = Quantity::parse((string) $total->promised);
        $free = $hand - $promised;
        $full = max(1, $hand, Quantity::parse((string) ($total->most ?? '0')));
        [$words, $tone] = $this->words($total, $hand, $free, $stair, $today);

        return new PartLine(
            self::places($free, $full),
            self::places($promised, $full),
            $words,
            $tone,
        );
    }

    /** @return array{string, string} */
    private function words(stdClass $total, int $hand, int $free, FreeStair $stair, LocalDate $today): array
    {
        $many = $free === $hand ? Quantity::words($free).' free' : Quantity::words($free).' free of '.
            Quantity::words($hand);
        $short = $stair->shortFrom();
        $point = $total->point === null ? null : Quantity::parse((string) $total->point);

        return match (true) {
            Quantity::parse((string) $total->short) > 0 => [
                "{$many}, ".Quantity::words(Quantity::parse((string) $total->short)).' short',
                'late',
            ],
            $short !== null => [
                "{$many} · short from {$this->words->weekday($short)}",
                $today->daysUntil($short) <= self::SOON ? 'late' : 'due',
            ],
            $free === 0 && $hand > 0 => ["{$many}, all promised", 'late'],
            $point !== null && $free + Quantity::parse((string) $total->on_order) <= $point => [
                "{$many} · at its reorder point of ".Quantity::words($point),
                'due',
            ],
            default => [$many, ''],
        };
    }

    /** What is there at all is seen. */
    private static function places(int $many, int $full): int
    {
        return $many <= 0 ? 0 : max(2, intdiv($many * self::BAR, $full));
    }

    private static function bare(Part $part): string
    {
        return $part->retired ? 'no longer used' : "counted in {$part->unit}";
    }
}
