<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Audit\LogQuery;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Inputs\Repaired;
use App\Stores\Models\PartRepair;
use App\Stores\Queries\StoreRulesOf;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockLedger;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Takes back what was out for repair: what is mended lies on its shelf again, with its value and what the repair cost;
 * what is beyond repair is written off.
 */
final readonly class TakeBackRepaired
{
    public function __construct(
        private StockLedger $ledger,
        private StoreRulesOf $rules,
        private SiteDays $days,
        private Audit $audit,
    ) {
    }

    /** Refuses: over, nothing, too_many, no_reason, no_second, no_lot. */
    public function __invoke(Actor $by, PartRepair $repair, Repaired $back): PartRepair
    {
        return DB::transaction(function () use ($by, $repair, $back): PartRepair {
            $repair = Versioned::lock($repair, null);
            if ($repair->over_on !== null) {
                throw InvalidInput::because('over', 'form', 'All of it came back already.');
            }
            [$cents, $lost, $out] = $repair->out()->comeBack($back->mended, $back->beyond, $back->cost);
            $this->checkLoss($by, $repair, $lost, $back);
            if ($back->mended > 0) {
                $this->putBack($by, $repair, $back->mended, $cents, $back->lots);
            }
            $repair->fill([
                'mended' => Quantity::plain(Quantity::parse($repair->mended) + $back->mended),
                'scrapped' => Quantity::plain(Quantity::parse($repair->scrapped) + $back->beyond),
                'cost_cents' => $repair->cost_cents + $back->cost,
                'lost_cents' => $repair->lost_cents + $lost,
                'left_cents' => $out->cents,
                'note' => $back->note ?? $repair->note,
                'over_on' => $out->thousandths === 0 ? (string) $this->days->today($repair->site_id) : null,
            ])->save();
            $this->audit->record(
                $by,
                $repair->stock->part->subject(),
                'took back from repair '.Quantity::words($back->mended).' mended, '.Quantity::words($back->beyond).
                    ' beyond repair'.($back->second === null ? '' : ", seen by {$back->second->name}"),
                [LogQuery::COST.'cost' => [null, $back->cost / 100], LogQuery::COST.'lost' => [null, $lost / 100]],
                $back->note,
            );

            return $repair;
        });
    }

    private function checkLoss(Actor $by, PartRepair $repair, int $cents, Repaired $back): void
    {
        $what = 'What is beyond repair is a big loss ('.Quantity::words($back->beyond).')';
        try {
            $this->rules
                ->ofSite($repair->site_id)
                ->checkSeen($cents, $what, $back->note, $by->id, $back->second?->id);
        } catch (InvalidInput $e) {
            throw $e->field() === 'reason' ? $e->typedIn('note') : $e;
        }
    }

    private function putBack(Actor $by, PartRepair $repair, int $many, int $cents, LotsTyped $lots): void
    {
        $held = HeldStock::lock($repair->stock_id);
        $posting = Posting::by($by, MoveKind::Transfer)
            ->for($repair->stock->subject(), 'back from repair')
            ->lots($lots);
        try {
            $this->ledger->post($held, $held->row->balance()->receiveWorth($many, $cents), $posting);
        } catch (InvalidInput $e) {
            throw $e->field() === 'lots' ? $e->typedIn('mended_lots') : $e;
        }
        $held->refill();
    }
}
