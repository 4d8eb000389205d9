<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Stores\Models\Claim;
use App\Stores\Models\Movement;
use App\Stores\Projections\DemandMade;
use App\Stores\Projections\DemandsNoted;
use App\Stores\Stock\HeldStock;
use App\Stores\Stock\Posting;
use App\Stores\Stock\StockLedger;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Stock\Taking;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Hands over a part of a store, at its average: what is promised to whoever takes it goes first, then what is free;
 * what is promised elsewhere only after asking.
 */
final readonly class IssueStock
{
    public function __construct(private StockLedger $ledger, private DemandsNoted $demands)
    {
    }

    /** Refuses: below_zero; promised: it asks; needs_right. */
    public function __invoke(int $stockId, int $thousandths, Posting $posting, Consent $consent): Movement
    {
        return DB::transaction(function () use ($stockId, $thousandths, $posting, $consent): Movement {
            $held = HeldStock::lock($stockId);
            $own = $posting->for === null ? null : Claim::keyOf($posting->for->kind, $posting->for->id);
            $this->handOver($held, $own, $thousandths);
            $taking = $this->take($held, $thousandths, $own, $consent);
            $move = $held->row->balance()->issue($thousandths);
            $posted = $this->ledger->post($held, $move, $posting);
            $held->keep($taking->after);
            if ($posting->for !== null && $posting->kind === MoveKind::Issue) {
                $this->demands->keep(
                    new DemandMade($held->row, $posting->for, (string) $posting->label, $thousandths),
                );
            }

            return $posted;
        });
    }

    /** What was set aside for it is no longer set aside: it goes. */
    private function handOver(HeldStock $held, ?string $own, int $thousandths): void
    {
        $claim = $own === null ? null : $held->claim($own);
        if ($claim !== null) {
            $claim->picked = Quantity::plain(max(0, Quantity::parse($claim->picked) - $thousandths));
        }
    }

    /** @throws InvalidInput */
    private function take(HeldStock $held, int $thousandths, ?string $own, Consent $consent): Taking
    {
        $there = Quantity::parse($held->row->on_hand);
        $words = $this->words($held, $there);
        if ($thousandths > $there) {
            throw InvalidInput::because(
                'below_zero',
                'quantity',
                "There are {$words} of {$held->row->part->name} in {$held->row->store->name} by the books. Take no ".
                    'more than that, or have the shelf counted first if there is more.',
                $thousandths,
            );
        }
        try {
            $taking = $held->promises()->take($thousandths, $own, $consent);
        } catch (InvalidInput $e) {
            throw match ($e->cause()) {
                'needs_right' => InvalidInput::because(
                    'needs_right',
                    'quantity',
                    "Of {$words} of {$held->row->part->name} the rest is promised: ".
                        "{$this->named($held, (array) $e->value)}. Whoever plans or keeps the store may decide that.",
                    $e->value,
                ),
                'below_zero' => InvalidInput::because(
                    'below_zero',
                    'quantity',
                    "Of {$words} of {$held->row->part->name} the rest is set aside for others already.",
                    $thousandths,
                ),
                default => $e,
            };
        }

        return $taking->isDone
            ? $taking
            : throw InvalidInput::because(
                'promised',
                'quantity',
                "That takes what is promised elsewhere: {$this->named($held, $taking->takesFrom)}. Say that you take ".
                    'it all the same, or take less.',
                $taking->takesFrom,
            );
    }

    private function words(HeldStock $held, int $thousandths): string
    {
        return Quantity::words($thousandths)." {$held->row->part->unit}";
    }

    /** @param  array<string, int>  $takesFrom */
    private function named(HeldStock $held, array $takesFrom): string
    {
        $named = [];
        foreach ($takesFrom as $key => $quantity) {
            $claim = $held->claim((string) $key);
            $who = $claim?->who === null ? '' : " ({$claim->who})";
            $named[] = "{$this->words($held, $quantity)} to {$claim?->label}{$who}";
        }

        return implode(', ', $named);
    }
}
