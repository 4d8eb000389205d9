<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\OfferedList;
use Illuminate\Support\Facades\DB;
use Sundial\Work\HoldReason;

/** Offers a reason no more; orders that were held for it keep it. */
final readonly class RetireHoldReason
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, HoldReason $reason): void
    {
        DB::transaction(function () use ($by, $reason): void {
            OfferedList::in('hold_reasons')->retire(['name' => $reason->name]);
            $this->audit->record($by, Subject::of('hold reasons', 1), "retired the reason “{$reason->name}”");
        });
    }
}
