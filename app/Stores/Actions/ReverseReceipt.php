<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Stores\Models\Movement;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;

/** Takes back a receipt that was typed wrong: it leaves at the average, and what it had cost beyond that is kept. */
final readonly class ReverseReceipt
{
    public function __construct(private IssueStock $issue)
    {
    }

    /** Refuses: no_receipt, reversed, no_reason; and as an issue. */
    public function __invoke(Actor $by, Movement $receipt, string $reason, Consent $consent): Movement
    {
        return DB::transaction(function () use ($by, $receipt, $reason, $consent): Movement {
            $held = HeldStock::lock($receipt->stock_id);
            if ($receipt->kind !== MoveKind::Receipt) {
                throw InvalidInput::because('no_receipt', 'move', 'Only a receipt is taken back so.');
            }
            if (Movement::query()->where('of_id', $receipt->id)->where('kind', MoveKind::Reversal)->exists()) {
                throw InvalidInput::because('reversed', 'move', 'This receipt is taken back already.');
            }
            if (trim($reason) === '') {
                throw InvalidInput::because('no_reason', 'reason', 'Say what was wrong with it.');
            }
            $leaves = $receipt->thousandths() > 0 && $receipt->thousandths() <= $held->row->balance()->onHand
                ? -$held->row->balance()->issue($receipt->thousandths())->cents
                : 0;

            return ($this->issue)(
                $receipt->stock_id,
                $receipt->thousandths(),
                Posting::by($by, MoveKind::Reversal)
                    ->of($receipt->id)
                    ->because($reason)
                    ->varying($receipt->value_cents - $leaves),
                $consent,
            );
        });
    }
}
