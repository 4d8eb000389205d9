<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stores\Inputs\LotsTyped;
use App\Stores\Models\Movement;
use App\Stores\Models\Stock;
use App\Stores\Stock\Posting;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Consent;
use Sundial\Stock\MoveKind;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** Writes off what is of no use any more: it says why, and a second person has seen it. */
final readonly class ScrapStock
{
    public function __construct(private IssueStock $issue, private Audit $audit)
    {
    }

    /** @throws InvalidInput no_reason, no_second; and as an issue */
    public function __invoke(
        Actor $by,
        Stock $stock,
        int $thousandths,
        Consent $consent,
        string $reason,
        Actor $second,
        ?LotsTyped $lots = null,
    ): Movement {
        if (trim($reason) === '') {
            throw InvalidInput::because('no_reason', 'reason', 'Say why it is written off.');
        }
        if ($second->id === null || $second->id === $by->id) {
            throw InvalidInput::because(
                'no_second',
                'second_id',
                'Somebody else has to have seen it. Name who.',
            );
        }

        return DB::transaction(function () use (
            $by,
            $stock,
            $thousandths,
            $consent,
            $reason,
            $second,
            $lots,
        ): Movement {
            $move = ($this->issue)(
                $stock->id,
                $thousandths,
                Posting::by($by, MoveKind::Scrap)
                    ->because($reason)
                    ->seenBy($second->name)
                    ->lots($lots ?? LotsTyped::of(null)),
                $consent,
            );
            $many = Quantity::words(abs($move->thousandths()));
            $this->audit->record(
                $by,
                $stock->part->subject(),
                "wrote off {$many} {$stock->part->unit} of {$stock->part->name} in {$stock->store->name}, seen by ".
                    $second->name,
                [],
                $reason,
            );

            return $move;
        });
    }
}
