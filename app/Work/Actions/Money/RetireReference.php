<?php

declare(strict_types=1);

namespace App\Work\Actions\Money;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\OfferedList;
use Illuminate\Support\Facades\DB;

/** Asks for a reference no more; recharges that name it keep it. */
final readonly class RetireReference
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, string $name): void
    {
        DB::transaction(function () use ($by, $name): void {
            OfferedList::in('recharge_references')->retire(['name' => $name]);
            $this->audit->record($by, Subject::of('references', 1), "retired the reference “{$name}”");
        });
    }
}
