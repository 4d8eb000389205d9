<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Stores\Queries\StoreRulesOf;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\Separation;
use Sundial\Stock\StartShort;
use Sundial\Stock\StoreRules;

/** Sets what a site agreed on for its stores. */
final readonly class SetStoreRules
{
    public function __construct(private StoreRulesOf $rules, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, int $siteId, StoreRules $rules, Seen $seen): void
    {
        DB::transaction(function () use ($by, $siteId, $rules, $seen): void {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $before = StoreRulesOf::words($this->rules->ofSite($siteId));
            $after = StoreRulesOf::words($rules);
            $seen->check($before, $after);
            if ($before === $after) {
                return;
            }
            DB::table('store_rules')->updateOrInsert(['site_id' => $siteId], [
                'big_cents' => $rules->bigCents,
                'approve_cents' => $rules->approveCents,
                'separate' => $rules->separation === Separation::On ? 1 : 0,
                'review_days' => $rules->reviewDays,
                'start_short' => $rules->startShort === StartShort::Allowed ? 1 : 0,
            ]);
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                'set the rules of the stores',
                Audit::difference($before, $after),
            );
        });
    }
}
