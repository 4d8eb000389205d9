<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\OfferedList;
use Illuminate\Support\Facades\DB;
use Sundial\Work\HoldReason;

/** Offers a reason to hold an order, and the days after which one looks at it again. */
final readonly class OfferHoldReason
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, HoldReason $reason): void
    {
        DB::transaction(function () use ($by, $reason): void {
            OfferedList::in('hold_reasons')->offer(['name' => $reason->name], ['days' => $reason->days]);
            $this->audit->record($by, Subject::of('hold reasons', 1), "offered the reason “{$reason->name}”");
        });
    }
}
