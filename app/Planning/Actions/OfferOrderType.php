<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\OfferedList;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderType;

/** Offers a type of orders of the plant's own, planned or unplanned. */
final readonly class OfferOrderType
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, OrderType $type): void
    {
        DB::transaction(function () use ($by, $type): void {
            OfferedList::in('order_types')->offer(['name' => $type->name], ['kind' => $type->kind->value]);
            $this->audit->record(
                $by,
                Subject::of('order types', 1),
                "offered “{$type->name}” as a type of {$type->kind->value} orders",
            );
        });
    }
}
