<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Platform\Subject;
use App\Stores\Models\Claim;
use App\Stores\Models\Stock;
use App\Stores\Queries\OfSubjects;
use Illuminate\Support\Collection;

/**
 * The stock of some parts in all stores of a site, held once for however many claims stand on it: what is claimed of
 * it meanwhile is kept in few statements at the end.
 */
final readonly class HeldParts
{
    /**
     * @param  Collection<int, HeldStock>  $stocks  by id, in the order of ids
     * @param  Collection<int, Collection<int, HeldStock>>  $byPart
     */
    private function __construct(public Collection $stocks, public Collection $byPart)
    {
    }

    /** @param  iterable<int|string>  $partIds */
    public static function of(int $siteId, iterable $partIds): self
    {
        $stocks = StockHold::ofParts($siteId, $partIds)->map(static fn (Stock $row): HeldStock => HeldStock::of($row));
        $byPart = $stocks->groupBy(static fn (HeldStock $one): int => $one->row->part_id);
        foreach ($byPart as $stores) {
            foreach ($stores as $one) {
                $one->beside(...$stores->reject(static fn (HeldStock $other): bool => $other === $one));
            }
        }

        return new self($stocks, $byPart);
    }

    /** Learns what some claim of it now, so that what they claim is known without looking at all others. */
    public function learn(Subject ...$those): void
    {
        $this->stocks->each(static fn (HeldStock $one) => $one->learn(...$those));
        Claim::query()
            ->where(OfSubjects::any(...$those))
            ->whereIn('stock_id', $this->stocks->keys())
            ->get()
            ->each(fn (Claim $one) => $this->stocks[$one->stock_id]->know($one));
    }

    /** Writes what was put off. */
    public function write(): void
    {
        $this->stocks->each(static fn (HeldStock $one) => $one->write());
    }
}
