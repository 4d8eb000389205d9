<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Subject;
use App\Stores\Models\Movement;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockLedger;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;

/** Takes back what was handed over for something, the last issue first: each gives back its share of what it took. */
final readonly class ReturnStock
{
    public function __construct(private StockLedger $ledger)
    {
    }

    /**
     * @return int cents that came back
     *
     * Refuses: return_exceeds_issue.
     */
    public function __invoke(Actor $by, int $stockId, int $thousandths, Subject $from, ?string $reason = null): int
    {
        return DB::transaction(function () use ($by, $stockId, $thousandths, $from, $reason): int {
            $held = HeldStock::lock($stockId);
            $cents = 0;
            foreach ($this->issues($stockId, $from) as $issue) {
                $issued = $issue->issued();
                $back = min($thousandths, $issued->left);
                if ($back === 0) {
                    continue;
                }
                [$move] = $held->row->balance()->takeBack($back, $issued);
                $this->ledger->post(
                    $held,
                    $move,
                    Posting::by($by, MoveKind::Return)
                        ->for($from, (string) $issue->label)
                        ->of($issue->id)
                        ->because($reason),
                );
                $cents += $move->cents;
                $thousandths -= $back;
            }
            if ($thousandths > 0) {
                throw InvalidInput::because(
                    'return_exceeds_issue',
                    'quantity',
                    'More is given back than was handed over.',
                    $thousandths,
                );
            }
            $held->refill();

            return $cents;
        });
    }

    /** @return list<Movement> the last first */
    private function issues(int $stockId, Subject $from): array
    {
        return array_values(
            Movement::query()
                ->where('stock_id', $stockId)
                ->where('subject_kind', $from->kind)
                ->where('subject_id', $from->id)
                ->where('kind', MoveKind::Issue)
                ->orderByDesc('id')
                ->get()
                ->all(),
        );
    }
}
