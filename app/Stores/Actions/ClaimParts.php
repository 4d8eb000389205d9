<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Stores\Inputs\PartsWanted;
use App\Stores\Models\Claim;
use App\Stores\Models\Stock;
use App\Stores\Projections\DemandsNoted;
use App\Stores\Queries\ComingIn;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\StockHold;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\FromShelves;
use Sundial\Stock\GivingWay;
use Sundial\Stock\NewClaim;
use Sundial\Support\Quantity;

/**
 * Stands the claims of something approved where its plan is now: more is promised as far as it is free, less frees the
 * rest for whoever waits. What outranks others gets theirs where resupply still serves them in time; both are told.
 */
final readonly class ClaimParts
{
    public function __construct(
        private ComingIn $coming,
        private DemandsNoted $demands,
        private Audit $audit,
    ) {
    }

    public function __invoke(PartsWanted $wanted): void
    {
        DB::transaction(function () use ($wanted): void {
            $had = Claim::query()
                ->where('subject_kind', $wanted->for->kind)
                ->where('subject_id', $wanted->for->id)
                ->get()
                ->keyBy('stock_id');
            if ($had->isEmpty() && $wanted->quantities === []) {
                return;
            }
            $key = Claim::keyOf($wanted->for->kind, $wanted->for->id);
            $gained = [];
            foreach ($this->byStock($wanted, $had) as $stockId => $thousandths) {
                $held = HeldStock::lock($stockId);
                $alone = $thousandths === 0 ? null : $this->alone($held, $wanted, $thousandths);
                $alone === null
                    ? $this->stand($held, $wanted, $thousandths)
                    : $this->standAlone($held, $wanted, $thousandths, $alone);
                $has = $alone ?? Quantity::parse($held->claim($key)->promised ?? '0');
                $before = Quantity::parse($had->get($stockId)->promised ?? '0');
                $gained[$held->row->part_id] = [
                    $held->row,
                    $has - $before + ($gained[$held->row->part_id][1] ?? 0),
                ];
            }
            foreach ($gained as [$row, $atOnce]) {
                $this->demands->keep($row, $wanted->for, $wanted->label, $atOnce);
            }
        });
    }

    /**
     * Where each part is taken from: where it is promised already, else where most is free. All stores of a part are
     * held one after the other, so that nothing waits the other way round.
     *
     * @param  Collection<int, Claim>  $had
     * @return array<int, int> thousandths by stock; 0: wants nothing there any more
     */
    private function byStock(PartsWanted $wanted, Collection $had): array
    {
        $by = [];
        $parts = Stock::query()->whereKey($had->keys()->all())->pluck('part_id');
        $rows = StockHold::ofParts((int) $wanted->for->siteId, $parts->merge(array_keys($wanted->quantities)));
        foreach ($rows->groupBy('part_id') as $partId => $some) {
            $shelves = $some
                ->sortBy(static fn (Stock $one): array => [$had->has($one->id) ? 0 : 1, -$one->free(), $one->id])
                ->mapWithKeys(static fn (Stock $one): array => [$one->id => [
                    Quantity::parse($had->get($one->id)->promised ?? '0'),
                    $one->free(),
                ]])
                ->all();
            $by += array_replace(
                array_fill_keys(array_intersect(array_keys($shelves), $had->keys()->all()), 0),
                FromShelves::of($shelves)->take($wanted->quantities[$partId] ?? 0),
            );
        }

        return $by;
    }

    private function stand(HeldStock $held, PartsWanted $wanted, int $thousandths): void
    {
        $key = Claim::keyOf($wanted->for->kind, $wanted->for->id);
        $claim = $held->claim($key);
        if ($thousandths === 0) {
            if ($claim !== null) {
                $held->drop($claim);
                $held->refill();
            }

            return;
        }
        $claim ??= self::claim($held, $wanted);
        $promised = min($thousandths, Quantity::parse($claim->promised));
        self::fill($claim, $wanted, $thousandths, $promised)->save();
        $held->put($claim);
        $held->refill();
        $this->outrank($held, $key);
    }

    /** What a new claim gets where nobody else's changes by it; null: it is weighed against the others. */
    private function alone(HeldStock $held, PartsWanted $wanted, int $thousandths): ?int
    {
        // Asked now that the stock is held: another may have claimed for it since.
        $isNew = $held->row
            ->claims()
            ->where('subject_kind', $wanted->for->kind)
            ->where('subject_id', $wanted->for->id)
            ->doesntExist();

        return ! $isNew ? null : NewClaim::alone(
            $thousandths,
            $held->row->free(),
            Quantity::parse($held->row->short),
            $held->waitsElsewhere(),
            $this->coming->toStock($held->row->id)->until(null),
        );
    }

    private function standAlone(HeldStock $held, PartsWanted $wanted, int $thousandths, int $promised): void
    {
        $claim = self::fill(self::claim($held, $wanted), $wanted, $thousandths, $promised);
        $claim->save();
        $held->putAlone($claim);
    }

    private static function claim(HeldStock $held, PartsWanted $wanted): Claim
    {
        return new Claim([
            'site_id' => $held->row->site_id,
            'stock_id' => $held->row->id,
            'subject_kind' => $wanted->for->kind,
            'subject_id' => $wanted->for->id,
        ]);
    }

    private static function fill(Claim $claim, PartsWanted $wanted, int $thousandths, int $promised): Claim
    {
        return $claim->fill([
            'label' => $wanted->label,
            'who' => $wanted->who,
            'quantity' => Quantity::plain($thousandths),
            'promised' => Quantity::plain($promised),
            'picked' => Quantity::plain(min($promised, Quantity::parse($claim->picked))),
            'needed_on' => $wanted->neededOn,
            'strokes' => $wanted->strokes,
            'approved_at' => $claim->approved_at ?? $wanted->approvedAt,
        ]);
    }

    /** What is promised to lower ones moves to it, where what is on its way still serves them by their day. */
    private function outrank(HeldStock $held, string $key): void
    {
        $claim = $held->claim($key);
        if ($claim === null || $claim->short() === 0) {
            return;
        }
        $rank = $held->rank($key);
        $others = $held
            ->claims()
            ->reverse()
            ->filter(static fn (Claim $one, string $of): bool => $one->promised !== $one->picked &&
                $rank->outranks($held->rank($of)))
            ->map(static fn (Claim $one, string $of): array => [
                $of,
                $held->rank($of),
                Quantity::parse($one->promised) - Quantity::parse($one->picked),
                $one->needed_on === null ? null : LocalDate::parse($one->needed_on),
            ]);
        if ($others->isEmpty()) {
            return;
        }
        // Whoever waits already counts on what comes first.
        $coming = $this->coming
            ->toStock($held->row->id)
            ->less($held->claims()->sum(static fn (Claim $one): int => $one->key() === $key ? 0 : $one->short()));
        $givers = GivingWay::to($rank, $coming)->givers(array_values($others->all()));
        if ($givers === []) {
            return;
        }
        $taking = $held->promises()->giveWay($key, $givers);
        foreach ($taking->takesFrom as $from => $many) {
            $this->tell($held, $claim, $held->claim((string) $from), $many);
        }
        $held->keep($taking->after);
    }

    private function tell(HeldStock $held, Claim $to, ?Claim $from, int $thousandths): void
    {
        if ($from === null) {
            return;
        }
        $words = Quantity::words($thousandths)." {$held->row->part->unit} ".
            $held->row->part->name;
        $this->audit->record(
            Actor::sundial(),
            Subject::of($to->subject_kind, $to->subject_id, $to->site_id),
            "promised {$words} to {$to->label} instead of {$from->label}, which resupply still serves in time",
            [],
            null,
            [Subject::of($from->subject_kind, $from->subject_id, $from->site_id), $held->row->part->subject()],
        );
    }
}
