<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\OfferedList;
use Illuminate\Support\Facades\DB;

/** Offers a kind of permit that work can need. */
final readonly class OfferPermit
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, string $kind): void
    {
        DB::transaction(function () use ($by, $kind): void {
            OfferedList::in('permit_kinds')->offer(['name' => $kind]);
            $this->audit->record($by, Subject::of('permits', 1), "offered the permit “{$kind}”");
        });
    }
}
