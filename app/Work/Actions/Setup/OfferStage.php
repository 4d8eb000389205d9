<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\OfferedList;
use Illuminate\Support\Facades\DB;
use Sundial\Work\Stage;

/** Offers a stage inside a state of orders. */
final readonly class OfferStage
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Stage $stage): void
    {
        DB::transaction(function () use ($by, $stage): void {
            OfferedList::in('order_stages')->offer([
                'state' => $stage->state->value,
                'name' => $stage->name,
            ]);
            $this->audit->record(
                $by,
                Subject::of('order stages', 1),
                "offered the stage “{$stage->name}” inside {$stage->state->value}",
            );
        });
    }
}
