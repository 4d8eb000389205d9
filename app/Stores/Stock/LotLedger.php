<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Platform\Sites\SiteDays;
use App\Stores\Models\Movement;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Models\StockLot;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\LotsOnShelf;
use Sundial\Stock\MoveKind;
use Sundial\Stock\Tracked;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Writes down which batches or which pieces a movement took or brought, where a part is followed. */
final readonly class LotLedger
{
    public function __construct(private SiteDays $days, private Fittings $fittings)
    {
    }

    /** @throws InvalidInput no_lot, twice, not_there, expired, there_already */
    public function follow(Stock $row, Movement $move, Posting $posting): void
    {
        $tracked = $row->part->tracked === null ? null : Tracked::from($row->part->tracked);
        if ($tracked === null || $move->thousandths() === 0) {
            return;
        }
        $move->thousandths() > 0
            ? $this->bring($row, $move, $posting, $tracked)
            : $this->take($row, $move, $posting, $tracked);
    }

    private function take(Stock $row, Movement $move, Posting $posting, Tracked $tracked): void
    {
        $many = -$move->thousandths();
        $lots = StockLot::query()
            ->where('stock_id', $row->id)
            ->where('quantity', '>', 0)
            ->orderBy('came_on')
            ->orderBy('id')
            ->get()
            ->keyBy('name');
        $shelf = LotsOnShelf::of(
            $move->thousandths() * -1 + Quantity::parse($move->on_hand_after),
            ...array_values($lots->map(static fn (StockLot $one) => $one->lot())->all()),
        );
        $taken = match (true) {
            $posting->lots->names !== [] => $shelf->named($tracked->share($posting->lots->names, $many)),
            $posting->kind === MoveKind::Reversal => $shelf->named($this->of([(int) $posting->ofId])),
            $posting->kind === MoveKind::Issue => $shelf->toUse($many, $this->days->today($row->site_id)),
            default => $shelf->toClear($many),
        };
        foreach (array_intersect_key($taken, $lots->all()) as $name => $some) {
            $lot = $lots->firstOrFail('name', (string) $name);
            $this->write($lot, $move, -$some);
            if ($tracked === Tracked::Serial && $posting->kind === MoveKind::Issue) {
                $this->fittings->fit($lot, $posting);
            }
        }
    }

    private function bring(Stock $row, Movement $move, Posting $posting, Tracked $tracked): void
    {
        $named = match (true) {
            $posting->lots->names !== [] => $tracked->share($posting->lots->names, $move->thousandths()),
            $posting->ofId !== null => $this->takenBy($posting->ofId, $move->thousandths()),
            // What a count finds, or what lay there at first, has no name yet; whatever else comes has one.
            $posting->kind === MoveKind::Count || ! $posting->lots->known => [],
            default => $tracked->share([], $move->thousandths()),
        };
        foreach ($named as $name => $some) {
            $lot = $this->lot($row, (string) $name, $posting, $tracked);
            $this->write($lot, $move, $some);
            if ($lot->asset_id !== null) {
                $this->fittings->remove($lot, $posting);
            }
        }
    }

    private function lot(Stock $row, string $name, Posting $posting, Tracked $tracked): StockLot
    {
        $same = StockLot::query()
            ->whereHas('stock', static fn ($stock) => $stock->where('part_id', $row->part_id))
            ->where('name', $name);
        $there = (clone $same)->where('quantity', '>', 0)->exists();
        if ($tracked === Tracked::Serial && $there && $posting->ofId === null) {
            throw InvalidInput::because(
                'there_already',
                'lots',
                "“{$name}” lies in a store already. Look at the number on the piece again.",
                $name,
            );
        }
        $today = $this->days->today($row->site_id);
        $lot = StockLot::query()->firstOrNew(
            ['stock_id' => $row->id, 'name' => $name],
            ['site_id' => $row->site_id, 'came_on' => (string) $today],
        );
        $elsewhere = $same->value('best_before');
        $lot->best_before = $lot->best_before ?? $this->until($row->part, $posting, $elsewhere, $today);

        return $lot;
    }

    /** As typed, as it stood elsewhere, or as long as the part keeps. */
    private function until(Part $part, Posting $posting, ?string $elsewhere, LocalDate $today): ?string
    {
        return match (true) {
            $posting->lots->bestBefore !== null => (string) $posting->lots->bestBefore,
            $elsewhere !== null => $elsewhere,
            $part->shelf_days !== null => (string) $today->plusDays($part->shelf_days),
            default => null,
        };
    }

    private function write(StockLot $lot, Movement $move, int $thousandths): void
    {
        $lot->fill(['quantity' => Quantity::plain($lot->thousandths() + $thousandths)])->save();
        DB::table('lot_moves')->insert([
            'lot_id' => $lot->id,
            'move_id' => $move->id,
            'quantity' => Quantity::plain($thousandths),
        ]);
    }

    /**
     * What a movement took and was not given back yet, the last first.
     *
     * @return array<string, int> thousandths by name
     */
    private function takenBy(int $moveId, int $thousandths): array
    {
        $back = array_values(
            DB::table('stock_moves')
                ->where('of_id', $moveId)
                ->pluck('id')
                ->map(static fn (mixed $id): int => (int) $id)
                ->all(),
        );
        $left = [];
        $returned = $this->of($back);
        foreach (array_reverse($this->of([$moveId]), true) as $name => $taken) {
            $some = min($thousandths, -$taken - ($returned[$name] ?? 0));
            if ($some > 0) {
                $left[$name] = $some;
                $thousandths -= $some;
            }
        }

        return $left;
    }

    /**
     * @param  list<int>  $moveIds
     * @return array<string, int> thousandths by name
     */
    private function of(array $moveIds): array
    {
        return DB::table('lot_moves as m')
            ->join('lots as l', 'l.id', '=', 'm.lot_id')
            ->whereIn('m.move_id', $moveIds)
            ->groupBy('l.name')
            ->orderByRaw('MIN(m.id)')
            ->selectRaw('l.name, SUM(m.quantity) as quantity')
            ->pluck('quantity', 'name')
            ->map(static fn (mixed $many): int => Quantity::parse((string) $many))
            ->all();
    }
}
