<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\OfferedList;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderType;

/** Offers a type of orders no more; orders and methods of it keep it. */
final readonly class RetireOrderType
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, OrderType $type): void
    {
        if (! $type->canBeRetired()) {
            throw InvalidInput::because(
                'needed',
                'type',
                "Orders are made as “{$type->name}” by Sundial itself, so this type stays.",
            );
        }
        DB::transaction(function () use ($by, $type): void {
            OfferedList::in('order_types')->retire(['name' => $type->name]);
            $this->audit->record($by, Subject::of('order types', 1), "retired the type of orders “{$type->name}”");
        });
    }
}
