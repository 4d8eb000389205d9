<?php

declare(strict_types=1);

namespace App\Stores\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Stock\Separation;
use Sundial\Stock\StartShort;
use Sundial\Stock\StoreRules;
use Sundial\Support\Money;

/** What a site agreed on for its stores; the usual where it said nothing. */
final readonly class StoreRulesOf
{
    public function ofSite(int $siteId): StoreRules
    {
        $row = DB::table('store_rules')->where('site_id', $siteId)->first();

        return $row === null
            ? StoreRules::usual()
            : StoreRules::of(
                (int) $row->big_cents,
                (int) $row->approve_cents,
                (int) $row->separate === 1 ? Separation::On : Separation::Off,
                (int) $row->review_days,
            )->startingShort((int) $row->start_short === 1 ? StartShort::Allowed : StartShort::Refused);
    }

    /** @return array<string, string> as people read them */
    public static function words(StoreRules $rules): array
    {
        return [
            'a big difference' => Money::plain($rules->bigCents),
            'approved above' => Money::plain($rules->approveCents),
            'two for ordering and receiving' => $rules->separation === Separation::On ? 'yes' : 'no',
            'days between rounds of buying' => (string) $rules->reviewDays,
            'begins short of parts' => $rules->startShort === StartShort::Allowed ? 'yes' : 'no',
        ];
    }
}
