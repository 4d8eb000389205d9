<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Stores\Inputs\PartsWanted;
use App\Stores\Models\Claim;
use App\Stores\Models\Stock;
use App\Stores\Queries\ComingIn;
use App\Stores\Stock\HeldStock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\GivingWay;
use Sundial\Support\Quantity;

/**
 * Stands the claims of something approved where its plan is now: more is promised as far as it is free, less frees the
 * rest for whoever waits. What outranks others gets theirs where resupply still serves them in time; both are told.
 */
final readonly class ClaimParts
{
    public function __construct(private ComingIn $coming, private Audit $audit)
    {
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
            $by = $this->byStock($wanted, $had);
            // One after the other by id, so that nothing waits the other way round.
            ksort($by);
            foreach ($by as $stockId => $thousandths) {
                $this->stand(HeldStock::lock($stockId), $wanted, $thousandths);
            }
        });
    }

    /**
     * Where each part is taken from: where it is claimed already, else where most is free.
     *
     * @param  Collection<int, Claim>  $had
     * @return array<int, int> thousandths by stock; 0: wants nothing there any more
     */
    private function byStock(PartsWanted $wanted, Collection $had): array
    {
        $by = array_fill_keys($had->keys()->all(), 0);
        $rows = Stock::query()
            ->where('site_id', $wanted->for->siteId)
            ->whereIn('part_id', array_keys($wanted->quantities))
            ->orderByRaw('on_hand - promised DESC')
            ->orderBy('id')
            ->get()
            ->groupBy('part_id');
        foreach ($rows as $partId => $some) {
            $row = $some->first(static fn (Stock $one): bool => $had->has($one->id)) ?? $some->firstOrFail();
            $by[$row->id] = $wanted->quantities[$partId];
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
        $claim ??= new Claim([
            'site_id' => $held->row->site_id,
            'stock_id' => $held->row->id,
            'subject_kind' => $wanted->for->kind,
            'subject_id' => $wanted->for->id,
        ]);
        $promised = min($thousandths, Quantity::parse($claim->promised));
        $claim->fill([
            'label' => $wanted->label,
            'who' => $wanted->who,
            'quantity' => Quantity::plain($thousandths),
            'promised' => Quantity::plain($promised),
            'picked' => Quantity::plain(min($promised, Quantity::parse($claim->picked))),
            'needed_on' => $wanted->neededOn,
            'strokes' => $wanted->strokes,
            'approved_at' => $claim->approved_at ?? $wanted->approvedAt,
        ])->save();
        $held->put($claim);
        $held->refill();
        $this->outrank($held, $key);
    }

    /** What is promised to lower ones moves to it, where what is on its way still serves them by their day. */
    private function outrank(HeldStock $held, string $key): void
    {
        $claim = $held->claim($key);
        if ($claim === null || $claim->short() === 0) {
            return;
        }
        // Whoever waits already counts on what comes first.
        $coming = $this->coming
            ->toStock($held->row->id)
            ->less($held->claims()->sum(static fn (Claim $one): int => $one->key() === $key ? 0 : $one->short()));
        $others = $held->claims()->reverse()->map(static fn (Claim $one): array => [
            $one->key(),
            $one->rank(),
            Quantity::parse($one->promised) - Quantity::parse($one->picked),
            $one->needed_on === null ? null : LocalDate::parse($one->needed_on),
        ]);
        $givers = GivingWay::to($claim->rank(), $coming)->givers(array_values($others->all()));
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
