<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Separation;
use Sundial\Stock\StartShort;
use Sundial\Stock\StoreRules;

/** Sets what a site agreed on for its stores. */
final readonly class SetStoreRules
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, int $siteId, StoreRules $rules): void
    {
        DB::transaction(function () use ($by, $siteId, $rules): void {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $before = (array) DB::table('store_rules')->where('site_id', $siteId)->first();
            $after = [
                'big_cents' => $rules->bigCents,
                'approve_cents' => $rules->approveCents,
                'separate' => $rules->separation === Separation::On ? 1 : 0,
                'review_days' => $rules->reviewDays,
                'start_short' => $rules->startShort === StartShort::Allowed ? 1 : 0,
            ];
            DB::table('store_rules')->updateOrInsert(['site_id' => $siteId], $after);
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                'set the rules of the stores',
                Audit::difference(array_intersect_key($before, $after), $after),
            );
        });
    }
}
